<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Logbook\Payload\Absence;
use GoodRinse\Core\Logbook\Payload\MeterTotal;
use GoodRinse\Core\Logbook\Payload\UseCount;
use GoodRinse\Core\Quantity\LocalDays;
use GoodRinse\Core\Usage\TapTrack;
use GoodRinse\Core\Usage\UseRecord;

/** Gathers what entries say of a machine's use. */
final readonly class UseEntries
{
    private const LITRES = 'litres';

    /** @param float|null $litresPerUse turns a counter of litres into uses; null where the kind has none */
    public function __construct(private LocalDays $days, private ?float $litresPerUse = null)
    {
    }

    /**
     * @param iterable<Entry> $entries in force, the oldest happening first
     * @param list<array{int, float}> $counts Unix seconds and uses of single counts that need no entry of their own
     * @param TapTrack|null $earlier counts that are settled already, all earlier than those
     */
    public function record(iterable $entries, \DateTimeImmutable $asOf, array $counts = [], ?TapTrack $earlier = null): UseRecord
    {
        $taps = $told = $meters = $away = [];
        foreach ($counts as [$time, $uses]) {
            $taps[] = [$this->days->at($time), $uses];
        }
        foreach ($entries as $entry) {
            $payload = $entry->payload;
            if ($entry->happenedAt > $asOf) {
                continue;
            }
            if ($payload instanceof UseCount) {
                $at = $this->days->of($entry->happenedAt);
                $uses = $this->inUses($payload->unit, $payload->uses);
                if (null === $payload->over) {
                    $taps[] = [$at, $uses];
                } else {
                    $end = DayOrder::isWhole($entry->happenedAt, $this->days->zone) ? floor($at) + 1 : $at;
                    $told[$entry->order] = [$end - $payload->over, $end, $uses];
                }
            } elseif ($payload instanceof MeterTotal) {
                $at = $this->days->of($entry->happenedAt);
                // of two at one moment the later written
                $meters[$payload->track()][(string) $at] = [$at, $this->inUses($payload->unit, $payload->total)];
            } elseif ($payload instanceof Absence) {
                $away[] = [(float) $payload->from->number, $payload->to->number + 1.0];
            }
        }
        ksort($told);

        return new UseRecord($taps, array_values($told), array_map(array_values(...), $meters), $away, $earlier);
    }

    private function inUses(string $unit, float $count): float
    {
        return self::LITRES === $unit && null !== $this->litresPerUse && $this->litresPerUse > 0 ? $count / $this->litresPerUse : $count;
    }
}
