<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

use GoodRinse\Core\Simulation\Dice;

/**
 * Makes a plan of many steps shorter a stretch of time at a time: what begins before and after the stretch keeps its order, and
 * for what lies in it every order is tried, as far as the tries go.
 *
 * Source: large neighbourhood search (Shaw, Principles and Practice of Constraint Programming, 1998).
 *
 * @internal to this folder
 */
final readonly class WindowSearch
{
    /** Length of the stretch, as a share of the plan's. */
    private const SHARE = 0.65;
    /** Orders tried for one stretch. */
    private const NODES = 40;

    public function __construct(private Network $network)
    {
    }

    /**
     * @param list<float> $starts of a plan that keeps every link
     * @param float $bound minutes at which it can stop
     * @param int $windows stretches that are looked at
     *
     * @return list<float>
     */
    public function shorten(array $starts, float $bound, int $windows, int $seed): array
    {
        $counted = $this->network->counted();
        $least = $this->network->end($starts, $counted);
        $dice = new Dice($seed);
        $cliques = Cliques::of($this->network->minutes, $this->network->sharing);
        while (--$windows >= 0 && $least > $bound + Distances::SLACK) {
            $length = self::SHARE * $least;
            $from = $dice->uniform() * ($least - 0.5 * $length) - 0.25 * $length;
            $search = new Search($this->network->minutes, $this->network->sharing, $counted, INF, self::NODES, cliques: $cliques);
            $search->run($this->kept($starts, $from, $from + $length), $starts);
            if (null !== $search->starts && $search->value < $least - Distances::SLACK) {
                [$starts, $least] = [$search->starts, $search->value];
            }
        }

        return $starts;
    }

    /**
     * The network with the order that a plan has outside a stretch.
     *
     * @param list<float> $starts
     */
    private function kept(array $starts, float $from, float $to): Distances
    {
        $minutes = $this->network->minutes;
        $distances = clone $this->network->distances;
        foreach ($this->network->sharing as $steps) {
            $steps = array_values(array_filter($steps, static fn (int $i): bool => $minutes[$i] > 0));
            usort($steps, static fn (int $a, int $b): int => $starts[$a] <=> $starts[$b]);
            $free = [];
            $last = null; // before the stretch, and later after it
            foreach ($steps as $i) {
                if ($starts[$i] + $minutes[$i] > $from && $starts[$i] < $to) {
                    $free[] = $i;
                    if (null !== $last) {
                        $distances->add($last, $i, $minutes[$last]);
                    }
                    continue;
                }
                if (null !== $last) {
                    $distances->add($last, $i, $minutes[$last]);
                }
                foreach ($starts[$i] >= $to ? $free : [] as $before) {
                    $distances->add($before, $i, $minutes[$before]);
                }
                [$last, $free] = [$i, $starts[$i] >= $to ? [] : $free];
            }
        }

        return $distances;
    }
}
