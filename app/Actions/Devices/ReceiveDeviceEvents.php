<?php

declare(strict_types=1);

namespace App\Actions\Devices;

use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Models\Device;
use App\Models\DeviceEvent;
use App\Models\Entry;
use GoodRinse\Core\Device\DeviceClock;
use GoodRinse\Core\Device\MeterReading;
use GoodRinse\Core\Device\MeterVerdict;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Logbook\Payload\IndicatorLight;
use GoodRinse\Core\Logbook\Payload\MeterTotal;
use GoodRinse\Core\Logbook\Payload\Payload;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Takes in what a device sends. Sending it again changes nothing; what goes backwards waits for a person. */
final readonly class ReceiveDeviceEvents
{
    public const KNOWN = 'known';
    public const FUTURE = 'future';
    public const NO_LIGHT = 'no-such-light';

    public function __construct(private ClockInterface $clock, private Handbook $handbook, private WriteEntries $write)
    {
    }

    /**
     * @param list<DeviceMessage> $messages in any order
     * @param \DateTimeImmutable|null $sent when the device thinks it sent them
     *
     * @return array{array<string, string>, int} what became of each, by event, and seconds the device's clock is ahead
     */
    public function handle(Device $device, array $messages, ?\DateTimeImmutable $sent): array
    {
        usort($messages, static fn (DeviceMessage $a, DeviceMessage $b): int => [$a->at, $a->total] <=> [$b->at, $b->total]);
        $now = $this->clock->now();
        $clock = new DeviceClock($sent, $now);
        $statuses = DB::transaction(function () use ($device, $messages, $clock, $now): array {
            $device->refresh();
            $known = $device->events()
                ->whereIn('event', array_map(static fn (DeviceMessage $message): string => $message->event, $messages))
                ->pluck('event')
                ->flip()
                ->all();
            $statuses = $drafts = [];
            foreach ($messages as $message) {
                if (isset($known[$message->event])) {
                    $statuses[$message->event] ??= self::KNOWN;
                    continue;
                }
                $known[$message->event] = true;
                if ($clock->isImpossible($message->at)) {
                    $statuses[$message->event] = self::FUTURE;
                } elseif (
                    null !== $message->light
                    && !in_array($message->light, $device->machine->kindIn($this->handbook)->lights($device->machine->traits), true)
                ) {
                    $statuses[$message->event] = self::NO_LIGHT;
                } else {
                    [$statuses[$message->event], $draft] = $this->take($device, $message, $clock->right($message->at), $now);
                    array_push($drafts, ...$draft);
                }
            }
            $this->write->handle($device->household, null, $drafts);
            $device->update(['last_seen_at' => $now, 'clock_ahead' => $clock->ahead]);

            return $statuses;
        });

        return [$statuses, $clock->ahead];
    }

    /** @return array{string, list<EntryDraft>} what became of it */
    private function take(Device $device, DeviceMessage $message, \DateTimeImmutable $at, \DateTimeImmutable $now): array
    {
        $status = null === $message->total
            ? DeviceEvent::TAKEN
            : self::status($device, new MeterReading($at, $message->total), $device->machine->kindIn($this->handbook)->mostUsesPerDay);
        $device->events()->create([
            'event' => $message->event, 'at' => $at->format('Y-m-d H:i:s'), 'received_at' => $now, 'total' => $message->total,
            'light' => $message->light, 'lit' => null === $message->light
                ? null
                : $message->lit, 'status' => $status, 'series' => $device->series,
        ]);
        $payload = match (true) {
            DeviceEvent::TAKEN !== $status => null,
            null !== $message->light => new IndicatorLight($message->light, $message->lit),
            default => new MeterTotal(
                $device->machine->kindIn($this->handbook)->useUnit,
                (float) $message->total,
                $device->id,
                $device->series,
            ),
        };

        return [$status, null === $payload ? [] : [self::draft($device, $payload, $at)]];
    }

    public static function draft(Device $device, Payload $payload, \DateTimeImmutable $at): EntryDraft
    {
        return new EntryDraft($payload, $at, Entry::BY_DEVICE, $device->machine);
    }

    /**
     * Takes those of a device's waiting readings that follow now, in the series that it counts in.
     *
     * @param iterable<DeviceEvent> $held the earliest first
     *
     * @return list<EntryDraft> what is to be written of them
     */
    public static function retake(Device $device, MachineKind $kind, iterable $held): array
    {
        $drafts = [];
        foreach ($held as $event) {
            $at = $event->at->toDateTimeImmutable();
            if (DeviceEvent::TAKEN === self::status($device, new MeterReading($at, (float) $event->total), $kind->mostUsesPerDay)) {
                $event->update(['status' => DeviceEvent::TAKEN, 'series' => $device->series]);
                $drafts[] = self::draft($device, new MeterTotal($kind->useUnit, (float) $event->total, $device->id, $device->series), $at);
            }
        }

        return $drafts;
    }

    /**
     * Whether a reading follows from those of its series on both sides of it.
     *
     * @param float $most uses a day that the machine can make
     */
    public static function status(Device $device, MeterReading $reading, float $most): string
    {
        $at = $reading->at->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s');
        $taken = fn () => $device->events()->where('status', DeviceEvent::TAKEN)->where('series', $device->series)->whereNotNull('total');
        $before = $taken()->where('at', '<=', $at)->orderByDesc('at')->orderByDesc('total')->first();
        $after = $taken()->where('at', '>', $at)->orderBy('at')->orderBy('total')->first();
        $read = static fn (?DeviceEvent $event): ?MeterReading => null === $event
            ? null
            : new MeterReading($event->at->toDateTimeImmutable(), (float) $event->total);

        return MeterVerdict::Taken === $reading->judge($read($before), $read($after), $most) ? DeviceEvent::TAKEN : DeviceEvent::HELD;
    }
}
