<?php

declare(strict_types=1);

namespace App\View\Pages\Devices;

use App\Models\Device;
use App\Models\DeviceEvent;
use App\Models\Household;
use App\View\PageData;
use App\View\Words\Dates;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Database\Eloquent\Collection;

/** What DevicePage::for() hands to its view. */
final readonly class DeviceData extends PageData
{
    /**
     * @param Collection<int, DeviceEvent> $events
     * @param Collection<int, DeviceEvent> $held
     */
    public function __construct(
        public Device $device,
        public MachineKind $kind,
        public Household $household,
        public Day $today,
        public Collection $events,
        public int $count,
        public Collection $held,
        public ?DeviceEvent $before,
    ) {
    }

    /** @param bool $running whether the simulator has just been started */
    public function head(bool $running): string
    {
        $reading = $this->held->first();

        return (string) __('devices.head.'.match (true) {
            null !== $reading => null !== $this->before && $reading->total > $this->before->total ? 'jumped' : 'backwards',
            null === $this->device->token_hash => 'shut_out',
            null !== $this->device->last_seen_at => 'counts',
            default => $running ? 'begins' : 'silent',
        });
    }

    public function lastHeard(): string
    {
        $at = $this->device->last_seen_at;

        return null === $at ? (string) __('devices.not_heard') : (string) __(
            'devices.last_heard',
            ['day' => Dates::relative($this->dayOf($at), $this->today), 'time' => Dates::time($at, $this->household->zone())],
        );
    }

    public function day(\DateTimeImmutable $at): string
    {
        return Dates::day($this->dayOf($at), $this->today);
    }

    /** "3 Dec, 18:40". */
    public function moment(\DateTimeImmutable $at): string
    {
        return Dates::short($this->dayOf($at), $this->today).', '.Dates::time($at, $this->household->zone());
    }

    private function dayOf(\DateTimeImmutable $at): Day
    {
        return Day::at($at, $this->household->zone());
    }
}
