<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/**
 * How long steps that share one resource take at least, each with what must come before and after it.
 *
 * Source: Jackson's preemptive schedule; Carlier, European Journal of Operational Research 11 (1982).
 *
 * @internal to this folder
 */
final class OneMachineBound
{
    /** @param list<array{float, float, float}> $steps head, minutes, tail of each */
    public static function of(array $steps): float
    {
        usort($steps, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $waiting = [];
        [$now, $bound, $next, $count] = [0.0, 0.0, 0, count($steps)];
        while ($next < $count || [] !== $waiting) {
            if ([] === $waiting) {
                $now = max($now, $steps[$next][0]);
            }
            for (; $next < $count && $steps[$next][0] <= $now + Distances::SLACK; ++$next) {
                $waiting[] = [$steps[$next][2], $steps[$next][1]];
            }
            usort($waiting, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
            [$tail, $minutes] = array_shift($waiting) ?? [0.0, 0.0];
            $until = $next < $count ? min($now + $minutes, $steps[$next][0]) : $now + $minutes;
            $left = $minutes - ($until - $now);
            $now = $until;
            if ($left <= Distances::SLACK) {
                $bound = max($bound, $now + $tail);
            } else {
                $waiting[] = [$tail, $left];
            }
        }

        return $bound;
    }
}
