<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/**
 * Sets of steps of which no two can run at once, whichever resources they share: the larger they are, the more they say of
 * how long a plan takes at least.
 *
 * @internal to this folder
 */
final class Cliques
{
    /** Sets that are kept, the ones with most work. */
    private const MOST = 5;
    /** Steps from which larger sets are grown, the longest. */
    private const SEEDS = 10;
    /** Steps beyond which none are looked for. */
    private const MANY = 80;

    /**
     * @param list<float> $minutes of each step
     * @param array<array-key, list<int>> $sharing steps that share a resource, by resource
     *
     * @return list<list<int>> the steps of each resource, and larger sets
     */
    public static function of(array $minutes, array $sharing): array
    {
        $meets = [];
        foreach ($sharing as $steps) {
            foreach ($steps as $i) {
                foreach ($steps as $j) {
                    if ($i !== $j && $minutes[$i] > 0 && $minutes[$j] > 0) {
                        $meets[$i][$j] = true;
                    }
                }
            }
        }
        $sets = $work = [];
        $seeds = array_keys($meets);
        usort($seeds, static fn (int $a, int $b): int => [$minutes[$b], $a] <=> [$minutes[$a], $b]);
        if (count($meets) > self::MANY) {
            return array_values($sharing); // they are found too slowly to be worth it
        }
        $alone = array_map(static fn (int $i): array => [$i], array_slice($seeds, 0, self::SEEDS));
        foreach ([...array_values($sharing), ...$alone] as $seed) {
            $set = self::grown(array_values(array_filter($seed, static fn (int $i): bool => $minutes[$i] > 0)), $meets, $minutes);
            if (count($set) > 1) {
                $key = implode(' ', $set);
                $sets[$key] = $set;
                $work[$key] = array_sum(array_map(static fn (int $i): float => $minutes[$i], $set));
            }
        }
        uksort($sets, static fn (string $a, string $b): int => $work[$b] <=> $work[$a]);

        return array_slice(array_values($sets), 0, max(self::MOST, count($sharing)));
    }

    /**
     * @param list<int> $set
     * @param array<int, array<int, true>> $meets steps that cannot run at once, by step
     * @param list<float> $minutes
     *
     * @return list<int> the set with whatever else cannot run at once with any of it, the longest first
     */
    private static function grown(array $set, array $meets, array $minutes): array
    {
        $others = array_keys($meets);
        usort($others, static fn (int $a, int $b): int => [$minutes[$b], $a] <=> [$minutes[$a], $b]);
        foreach ($others as $i) {
            if (!in_array($i, $set, true) && [] === array_filter($set, static fn (int $j): bool => !isset($meets[$i][$j]))) {
                $set[] = $i;
            }
        }
        sort($set);

        return $set;
    }
}
