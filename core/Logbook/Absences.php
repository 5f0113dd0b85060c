<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Quantity\Day;

/** The days on which nobody used a machine because nobody was there. */
final readonly class Absences
{
    /** @var list<array{Day, Day}> first and last day of each, in order, apart from each other */
    public array $spans;

    /** @param list<array{Day, Day}> $spans first and last day of each, both included, in any order */
    public function __construct(array $spans = [])
    {
        usort($spans, static fn (array $a, array $b): int => $a[0]->number <=> $b[0]->number);
        $joined = [];
        foreach ($spans as [$from, $to]) {
            $last = count($joined) - 1;
            if ($last >= 0 && $from->number <= $joined[$last][1]->number + 1) {
                $joined[$last] = [$joined[$last][0], $to->isAfter($joined[$last][1]) ? $to : $joined[$last][1]];
            } else {
                $joined[] = [$from, $to];
            }
        }
        $this->spans = $joined;
    }

    public function isEmpty(): bool
    {
        return [] === $this->spans;
    }

    /** The last day of the absence that this day lies in; null when somebody is there. */
    public function until(Day $day): ?Day
    {
        foreach ($this->spans as [$from, $to]) {
            if (!$from->isAfter($day) && !$day->isAfter($to)) {
                return $to;
            }
        }

        return null;
    }

    /** Absent days after one day and up to another, that one included. */
    public function days(Day $after, Day $upTo): int
    {
        $days = 0;
        foreach ($this->spans as [$from, $to]) {
            $days += max(0, min($to->number, $upTo->number) - max($from->number, $after->number + 1) + 1);
        }

        return $days;
    }

    /**
     * Days from one day to the day on which so many days of presence have gone by; negative counts look back.
     *
     * @param int $present days of presence from that day on
     */
    public function calendarDays(Day $from, int $present): int
    {
        $end = $from->number + $present;
        if ($present >= 0) {
            foreach ($this->spans as [$first, $last]) {
                $start = max($first->number, $from->number + 1);
                $end += $last->number >= $start && $start <= $end ? $last->number - $start + 1 : 0;
            }
        } else {
            foreach (array_reverse($this->spans) as [$first, $last]) {
                $stop = min($last->number, $from->number);
                $end -= $first->number <= $stop && $stop > $end ? $stop - $first->number + 1 : 0;
            }
        }

        return $end - $from->number;
    }
}
