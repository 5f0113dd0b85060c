<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Quantity\Day;

/**
 * Uses between two moments: what was counted, and before counting began what the household says it does.
 */
final class UseTally
{
    /** @var list<int> */
    private array $times = [];

    /** @var list<float> running total after each count */
    private array $totals = [];

    private ?Day $from = null;

    /**
     * @param iterable<array{int, float}> $counts         Unix time and uses of each count, oldest first
     * @param float                       $declaredPerDay uses a day assumed before the first count, 0 or more
     * @param Absences                    $absences       days on which nothing is assumed
     */
    public function __construct(iterable $counts, private readonly \DateTimeZone $zone, private readonly float $declaredPerDay, private readonly Absences $absences = new Absences())
    {
        $total = 0.0;
        foreach ($counts as [$time, $uses]) {
            $this->times[] = $time;
            $this->totals[] = $total += $uses;
        }
        if ([] !== $this->times) {
            $this->from = $this->day($this->times[0]);
        }
    }

    /** First day that use was counted. */
    public function countedFrom(): ?Day
    {
        return $this->from;
    }

    /** Uses after one moment and up to another, both Unix times. */
    public function between(int $after, int $upTo): float
    {
        return $this->totalAt($upTo) - $this->totalAt($after) + $this->declaredPerDay * $this->uncountedDays($after, $upTo);
    }

    /** @return array<int, float> counted uses of each day from the given one on, keyed by the day's number */
    public function byDay(Day $from): array
    {
        $days = [];
        for ($i = count($this->times) - 1; $i >= 0; --$i) {
            $day = $this->day($this->times[$i]);
            if ($from->isAfter($day)) {
                break;
            }
            $days[$day->number] = ($days[$day->number] ?? 0.0) + $this->totals[$i] - ($this->totals[$i - 1] ?? 0.0);
        }

        return $days;
    }

    private function uncountedDays(int $after, int $upTo): int
    {
        if ([] !== $this->times && $after >= $this->times[0]) {
            return 0;
        }
        $end = $this->day($upTo);
        if (null !== $this->from && $end->isAfter($this->from)) {
            $end = $this->from;
        }

        $start = $this->day($after);

        return max(0, $end->since($start) - $this->absences->days($start, $end));
    }

    private function totalAt(int $time): float
    {
        [$low, $high] = [0, count($this->times)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->times[$middle] <= $time) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $this->totals[$low - 1] ?? 0.0;
    }

    private function day(int $time): Day
    {
        return Day::at(new \DateTimeImmutable("@$time"), $this->zone);
    }
}
