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
        $tails = $left = [];
        [$now, $bound, $next, $count] = [0.0, 0.0, 0, count($steps)];
        while ($next < $count || [] !== $tails) {
            if ([] === $tails && $steps[$next][0] > $now) {
                $now = $steps[$next][0];
            }
            for (; $next < $count && $steps[$next][0] <= $now + Distances::SLACK; ++$next) {
                [$tails[$next], $left[$next]] = [$steps[$next][2], $steps[$next][1]];
            }
            $longest = array_search(max($tails ?: [0.0]), $tails, true);
            if (false === $longest) {
                break;
            }
            $until = $now + $left[$longest];
            if ($next < $count && $steps[$next][0] < $until) {
                $until = $steps[$next][0];
            }
            $left[$longest] -= $until - $now;
            $now = $until;
            if ($left[$longest] <= Distances::SLACK) {
                $bound = max($bound, $now + $tails[$longest]);
                unset($tails[$longest]);
            }
        }

        return $bound;
    }
}
