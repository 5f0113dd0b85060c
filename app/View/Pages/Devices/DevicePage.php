<?php

declare(strict_types=1);

namespace App\View\Pages\Devices;

use App\Models\Device;
use App\Models\DeviceEvent;
use App\Models\Household;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** A counter: what it sent, when it was last heard of, and what waits to be answered. */
final readonly class DevicePage
{
    private const SHOWN = 30;

    public function __construct(private Handbook $handbook, private ClockInterface $clock)
    {
    }

    public function for(Device $device, Household $household): DeviceData
    {
        $held = $device->events()->where('status', DeviceEvent::HELD)->orderBy('at')->get();
        $first = $held->first();

        return new DeviceData(
            device: $device->load('machine'),
            kind: $device->machine->kindIn($this->handbook),
            household: $household,
            today: Day::at($this->clock->now(), $household->zone()),
            events: $device->events()->orderByDesc('at')->orderByDesc('seq')->limit(self::SHOWN)->get(),
            count: $device->events()->count(),
            held: $held,
            before: null === $first ? null : $device->events()
                ->where('status', DeviceEvent::TAKEN)
                ->where('series', $device->series)
                ->where('at', '<=', $first->at->format('Y-m-d H:i:s'))
                ->orderByDesc('at')
                ->first(),
        );
    }
}
