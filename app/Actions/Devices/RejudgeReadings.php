<?php

declare(strict_types=1);

namespace App\Actions\Devices;

use App\Actions\Logbook\WriteEntries;
use App\Models\Device;
use App\Models\DeviceEvent;
use App\Models\Entry;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\MeterTotal;

/** Looks at a counter's readings again after one of them was taken back, or brought back: what waited because of it may follow now. */
final readonly class RejudgeReadings
{
    public function __construct(private Handbook $handbook, private WriteEntries $write)
    {
    }

    /** @param Entry $entry that was taken back or brought back, or an undo of it */
    public function after(Entry $entry): void
    {
        while (null !== $entry->voids) {
            $entry = Entry::query()->findOrFail($entry->voids);
        }
        $payload = $entry->decode();
        $device = $payload instanceof MeterTotal
            ? Device::query()->with(['machine', 'household'])->where('household_id', $entry->household_id)->find($payload->meter)
            : null;
        if (!$payload instanceof MeterTotal || null === $device) {
            return;
        }
        $status = isset(Entry::voidedAmong([$entry->id])[$entry->id]) ? DeviceEvent::DROPPED : DeviceEvent::TAKEN;
        $device->events()
            ->where('at', $entry->happened_at->format('Y-m-d H:i:s'))
            ->where('total', $payload->total)
            ->where('series', $payload->series)
            ->update(['status' => $status]);
        $held = $device->events()->where('status', DeviceEvent::HELD)->whereNotNull('total')->orderBy('at')->orderBy('total')->get();
        $this->write->handle(
            $device->household,
            null,
            ReceiveDeviceEvents::retake($device, $device->machine->kindIn($this->handbook), $held),
        );
    }
}
