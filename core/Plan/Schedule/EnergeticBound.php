<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/**
 * How long steps that several resources share take at least: of all that cannot begin before some moment and leave some time
 * behind them, the work divided by how many can do it.
 *
 * Source: energetic reasoning over heads and tails (Erschler & Lopez; Baptiste, Le Pape & Nuijten, Constraint-Based
 * Scheduling, 2001).
 *
 * @internal to this folder
 */
final class EnergeticBound
{
    /**
     * @param list<array{float, float, float}> $steps head, minutes, tail of each
     * @param positive-int $count resources that can do them
     */
    public static function of(array $steps, int $count): float
    {
        $bound = 0.0;
        foreach (array_unique(array_column($steps, 0)) as $head) {
            $after = array_filter($steps, static fn (array $step): bool => $step[0] >= $head - Distances::SLACK);
            usort($after, static fn (array $a, array $b): int => $b[2] <=> $a[2]);
            $work = 0.0;
            foreach ($after as [, $minutes, $tail]) {
                $work += $minutes;
                $bound = max($bound, $head + $work / $count + $tail);
            }
        }

        return $bound;
    }
}
