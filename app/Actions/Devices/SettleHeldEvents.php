<?php

declare(strict_types=1);

namespace App\Actions\Devices;

use App\Actions\Logbook\WriteEntries;
use App\Models\Device;
use App\Models\DeviceEvent;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\MeterTotal;
use Illuminate\Support\Facades\DB;

/** Does what a person says about readings that went backwards. */
final readonly class SettleHeldEvents
{
    /** The counter was replaced or set back to nothing: all it shows is use. */
    public const FROM_ZERO = 'zero';
    /** Another counter took its place that had counted before: use begins at its first reading. */
    public const FROM_HERE = 'here';
    /** The readings are wrong. */
    public const WRONG = 'wrong';

    public function __construct(private Handbook $handbook, private WriteEntries $write)
    {
    }

    public function handle(Device $device, string $how): void
    {
        DB::transaction(function () use ($device, $how): void {
            $held = $device->refresh()->events()->where('status', DeviceEvent::HELD)->orderBy('at')->orderBy('total')->get();
            $first = $held->first();
            if (null === $first) {
                return;
            }
            if (self::WRONG === $how) {
                $held->each(static fn (DeviceEvent $event): bool => $event->update(['status' => DeviceEvent::DROPPED]));

                return;
            }
            $device->update(['series' => $device->series + 1]);
            $kind = $device->machine->kindIn($this->handbook);
            $drafts = [];
            if (self::FROM_ZERO === $how) {
                $drafts[] = ReceiveDeviceEvents::draft(
                    $device,
                    new MeterTotal($kind->useUnit, 0.0, $device->id, $device->series),
                    $this->begin($device, $first),
                );
            }
            $held->each(static fn (DeviceEvent $event): bool => $event->update(['series' => $device->series]));
            $this->write->handle($device->household, null, [...$drafts, ...ReceiveDeviceEvents::retake($device, $kind, $held)]);
        });
    }

    /** Just after the last reading of the series before, so that nothing between is lost. */
    private function begin(Device $device, DeviceEvent $first): \DateTimeImmutable
    {
        $last = $device->events()
            ->where('status', DeviceEvent::TAKEN)
            ->where('series', $device->series - 1)
            ->where('at', '<', $first->at->format('Y-m-d H:i:s'))
            ->max('at');
        $before = $first->at->toDateTimeImmutable()->modify('-1 second');

        return is_string($last) ? min($before, new \DateTimeImmutable($last, new \DateTimeZone('UTC'))) : $before;
    }
}
