<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

use GoodRinse\Core\Simulation\Dice;

/**
 * Schedules many steps one after another by an order of importance, each as soon as its resources are free, and pushes them
 * back and forth; from many orders it keeps the best. For links without greatest lags.
 *
 * Source: serial schedule generation with forward–backward justification (Valls, Ballestín & Quintanilla, European Journal of
 * Operational Research 165, 2005).
 *
 * @internal to this folder
 */
final readonly class OrderList
{
    public function __construct(private Network $network)
    {
    }

    /**
     * @param int $seed of the chance in the orders
     * @param int $restarts orders to start from
     *
     * @return list<float> minutes at which each step begins
     */
    public function best(int $seed, int $restarts): array
    {
        $dice = new Dice($seed);
        [$best, $least] = [[], INF];
        $rank = array_map(fn (int $i): float => $this->tail($i), array_keys($this->network->minutes));
        for ($i = 0; $i < $restarts; ++$i) {
            $shaken = 0 === $i ? $rank : array_map(static fn (float $each): float => $each * (0.6 + 0.8 * $dice->uniform()), $rank);
            $starts = $this->schedule(array_map(static fn (float $each): float => -$each, $shaken), false);
            $end = $this->network->end($starts, $this->network->counted());
            $ends = array_map(fn (int $i): float => -$starts[$i] - $this->network->minutes[$i], array_keys($starts));
            $again = $this->schedule($this->schedule($ends, true), false);
            foreach ([[$starts, $end], [$again, $this->network->end($again, $this->network->counted())]] as [$each, $until]) {
                if ($until < $least - Distances::SLACK) {
                    [$best, $least] = [$each, $until];
                }
            }
        }

        return $best;
    }

    /** Minutes from the start of a step to the end of everything that has to come after it. */
    private function tail(int $i): float
    {
        $tail = 0.0;
        foreach ($this->network->minutes as $k => $minutes) {
            $tail = max($tail, $this->network->distances->least($i, $k) + $minutes);
        }

        return $tail;
    }

    /**
     * @param list<float> $order steps with the least come first
     * @param bool $isBackward whether from the end, for an order that its result gives
     *
     * @return list<float> starts; backwards, an order by which to go forwards again
     */
    private function schedule(array $order, bool $isBackward): array
    {
        $minutes = $this->network->minutes;
        [$starts, $busy] = [[], []];
        while (count($starts) < count($minutes)) {
            $next = null;
            foreach ($order as $i => $place) {
                if (!isset($starts[$i]) && $this->isReady($i, $starts, $isBackward) && (null === $next || $place < $order[$next])) {
                    $next = $i;
                }
            }
            if (null === $next) {
                break; // links go in a circle; the network has refused that already
            }
            $at = $this->soonest($next, $starts, $isBackward);
            for ($moved = true; $moved && $minutes[$next] > 0;) {
                $moved = false;
                foreach ($this->network->activities[$next]->needs as $resource) {
                    foreach ($busy[$resource] ?? [] as [$from, $until]) {
                        if ($at < $until - Distances::SLACK && $from < $at + $minutes[$next] - Distances::SLACK) {
                            [$at, $moved] = [$until, true];
                        }
                    }
                }
            }
            $starts[$next] = $at;
            foreach ($this->network->activities[$next]->needs as $resource) {
                $busy[$resource][] = [$at, $at + $minutes[$next]];
            }
        }
        ksort($starts);
        $starts = array_values($starts);

        return $isBackward ? array_map(static fn (int $i): float => -$starts[$i] - $minutes[$i], array_keys($starts)) : $starts;
    }

    /** @param array<int, float> $starts */
    private function isReady(int $i, array $starts, bool $isBackward): bool
    {
        foreach ($this->network->linked as [$from, $to]) {
            if ($isBackward ? $from === $i && !isset($starts[$to]) : $to === $i && !isset($starts[$from])) {
                return false;
            }
        }

        return true;
    }

    /** @param array<int, float> $starts */
    private function soonest(int $i, array $starts, bool $isBackward): float
    {
        $at = $isBackward ? 0.0 : $this->network->distances->soonest($i);
        foreach ($this->network->linked as [$from, $to, $least]) {
            if ($isBackward ? $from === $i : $to === $i) {
                $other = $isBackward ? $to : $from;
                $at = max($at, $starts[$other] + $this->network->minutes[$other] + $least);
            }
        }

        return $at;
    }
}
