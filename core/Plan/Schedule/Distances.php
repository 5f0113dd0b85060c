<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/**
 * How many minutes each step begins at least after each other: the longest paths of a network of links, kept up as more are
 * added. Steps go by number; the last number is the beginning.
 *
 * @internal to this folder
 */
final class Distances
{
    public const SLACK = 1e-9;

    /** @param list<list<float>> $least minutes from start to start, −INF where nothing is said */
    private function __construct(private array $least, private readonly int $count)
    {
    }

    /** Steps of which nothing is known but that none begins before the beginning. */
    public static function of(int $steps): self
    {
        $all = range(0, $steps);

        return new self(array_map(
            static fn (int $from): array => array_map(static fn (int $to): float => $from === $to || $from === $steps ? 0.0 : -INF, $all),
            $all,
        ), $steps + 1);
    }

    /** The beginning, as a number beside those of the steps. */
    public function beginning(): int
    {
        return $this->count - 1;
    }

    /** Minutes that $to begins at least after $from. */
    public function least(int $from, int $to): float
    {
        return $this->least[$from][$to];
    }

    /** @return list<list<float>> minutes from start to start at least, by step and step after */
    public function rows(): array
    {
        return $this->least;
    }

    /** Minutes at which a step begins at the soonest. */
    public function soonest(int $step): float
    {
        return $this->least[$this->count - 1][$step];
    }

    /** @return list<float> minutes at which each step begins at the soonest */
    public function starts(): array
    {
        return array_slice($this->least[$this->count - 1], 0, -1);
    }

    /**
     * Minutes from the end of each step to the end of the last of some that has to come after it.
     *
     * @param list<float> $minutes of each step
     * @param list<int> $of
     *
     * @return list<float> −INF where none has to
     */
    public function tails(array $minutes, array $of): array
    {
        $tails = [];
        foreach ($minutes as $i => $own) {
            $tail = -INF;
            $row = $this->least[$i];
            foreach ($of as $k) {
                $end = $row[$k] + $minutes[$k];
                $tail = $end > $tail ? $end : $tail;
            }
            $tails[] = $tail - $own;
        }

        return $tails;
    }

    /**
     * Adds that $to begins at least so many minutes after $from.
     *
     * @return bool whether that can be kept with all the others
     */
    public function add(int $from, int $to, float $minutes): bool
    {
        if ($minutes <= $this->least[$from][$to] + self::SLACK) {
            return true;
        }
        if ($this->least[$to][$from] + $minutes > self::SLACK) {
            return false;
        }
        $onward = $this->least[$to];
        foreach ($this->least as $a => $row) {
            $via = $row[$from] + $minutes;
            if ($via <= $row[$to]) {
                continue; // what lies beyond is as far away already
            }
            foreach ($onward as $b => $rest) {
                if ($via + $rest > $row[$b]) {
                    $row[$b] = $via + $rest;
                }
            }
            $this->least[$a] = $row;
        }

        return true;
    }
}
