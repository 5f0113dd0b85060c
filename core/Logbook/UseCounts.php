<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Quantity\Day;

/**
 * Brings everything that says how much a machine was used to one line of counts.
 *
 * A counter's reading says its running total: what was used is the difference from the reading before it in time,
 * so a reading that comes in late only divides what lay round it. While a counter has been watching, uses counted
 * by hand or told for a week are the same uses and are left out; where two counters watch, the one that began first counts.
 */
final readonly class UseCounts
{
    private const LITRES = 'litres';

    /** @param float|null $litresPerUse turns a counter of litres into uses; null where the kind has none */
    public function __construct(private \DateTimeZone $zone, private ?float $litresPerUse = null)
    {
    }

    /**
     * @param iterable<Entry> $entries in force, the oldest happening first
     *
     * @return list<array{int, float}> Unix time and uses of each count, oldest first
     */
    public function of(iterable $entries, \DateTimeImmutable $asOf): array
    {
        $told = $meters = [];
        foreach ($entries as $entry) {
            if ($entry->happenedAt > $asOf) {
                continue;
            }
            if ($entry->payload instanceof Counter) {
                array_push($told, ...$this->told($entry->happenedAt, $entry->payload));
            } elseif ($entry->payload instanceof Meter) {
                $meters["{$entry->payload->meter} {$entry->payload->series}"][] = [$entry->happenedAt->getTimestamp(), $this->inUses($entry->payload->unit, $entry->payload->total)];
            }
        }
        if ([] === $meters) {
            return $this->sorted($told);
        }
        uasort($meters, static fn (array $a, array $b): int => $a[0][0] <=> $b[0][0]);
        $counts = $watched = [];
        foreach ($meters as $readings) {
            foreach ($readings as $i => [$time, $total]) {
                $before = $readings[$i - 1] ?? null;
                if (null !== $before && $total > $before[1] && !self::isWithin($time, $watched)) {
                    $counts[] = [$time, $total - $before[1]];
                }
            }
            $watched[] = [$readings[0][0], $readings[count($readings) - 1][0]];
        }

        return $this->sorted([...$counts, ...array_filter($told, static fn (array $count): bool => !self::isWithin($count[0], $watched))]);
    }

    /** @param list<array{int, int}> $spans after the first and up to the second time */
    private static function isWithin(int $time, array $spans): bool
    {
        foreach ($spans as [$from, $to]) {
            if ($time > $from && $time <= $to) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{int, float}> */
    private function told(\DateTimeImmutable $at, Counter $count): array
    {
        $uses = $this->inUses($count->unit, $count->uses);
        if (null === $count->over) {
            return [[$at->getTimestamp(), $uses]];
        }
        $last = Day::at($at, $this->zone);
        $spread = [];
        for ($day = $last->plus(1 - $count->over); !$day->isAfter($last); $day = $day->plus(1)) {
            $spread[] = [min($at, $day->atTime(12, 0, $this->zone))->getTimestamp(), $uses / $count->over];
        }

        return $spread;
    }

    private function inUses(string $unit, float $count): float
    {
        return self::LITRES === $unit && null !== $this->litresPerUse && $this->litresPerUse > 0 ? $count / $this->litresPerUse : $count;
    }

    /**
     * @param array<array{int, float}> $counts
     *
     * @return list<array{int, float}>
     */
    private function sorted(array $counts): array
    {
        usort($counts, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $counts;
    }
}
