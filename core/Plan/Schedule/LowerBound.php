<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/**
 * Minutes below which no plan can finish: the longest path, or the steps of one resource, or of several that could do them,
 * with what comes before and after.
 *
 * @internal to this folder
 */
final class LowerBound
{
    /** @param list<int>|null $counted steps that have to be over; null for all that the plan waits for */
    public static function of(Network $network, ?array $counted = null): float
    {
        $counted ??= $network->counted();
        $bound = $network->end($network->distances->starts(), $counted);
        $tails = $network->distances->tails($network->minutes, $counted);
        foreach (Cliques::of($network->minutes, $network->sharing) as $steps) {
            $bound = max($bound, OneMachineBound::of(self::load($network, $steps, $tails)));
        }
        foreach (self::alternatives($network) as [$count, $steps]) {
            $bound = max($bound, EnergeticBound::of(self::load($network, $steps, $tails), $count));
        }

        return $bound;
    }

    /**
     * @param list<int> $steps
     * @param list<float> $tails
     *
     * @return list<array{float, float, float}> head, minutes, tail of each that takes time and counts
     */
    private static function load(Network $network, array $steps, array $tails): array
    {
        $load = [];
        foreach ($steps as $i) {
            if ($network->minutes[$i] > 0 && -INF !== $tails[$i]) {
                $load[] = [$network->distances->soonest($i), $network->minutes[$i], $tails[$i]];
            }
        }

        return $load;
    }

    /** @return list<array{positive-int, list<int>}> steps that any of so many resources can do, with those that one of these does */
    private static function alternatives(Network $network): array
    {
        $groups = [];
        foreach ($network->activities as $activity) {
            if ([] !== $activity->anyOf) {
                $groups[implode(' ', $activity->anyOf)] = $activity->anyOf;
            }
        }

        return array_values(array_map(static fn (array $any): array => [count($any), array_keys(array_filter(
            $network->activities,
            static fn (Activity $activity): bool => $any === $activity->anyOf || [] !== array_intersect($any, $activity->needs),
        ))], $groups));
    }
}
