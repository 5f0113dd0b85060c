<?php

declare(strict_types=1);

namespace App\View\Words;

/** Says how likely something is, the way people do. */
final class Chance
{
    private const SAID = [
        [19, 20],
        [9, 10],
        [5, 6],
        [3, 4],
        [2, 3],
        [1, 2],
        [2, 5],
        [1, 3],
        [1, 4],
        [1, 5],
        [1, 6],
        [1, 8],
        [1, 10],
        [1, 15],
        [1, 20],
        [1, 30],
        [1, 50],
        [1, 80],
    ];

    /** "1 in 3", "nearly certain", "less than 1 in 80". */
    public static function describe(float $chance): string
    {
        if ($chance > 0.97) {
            return (string) __('traces.certain');
        }
        if ($chance < 0.011) {
            return (string) __('traces.hardly');
        }
        $odds = static fn (float $p): float => log($p / (1 - $p));
        $best = self::SAID[0];
        foreach (self::SAID as $each) {
            $best = abs($odds($each[0] / $each[1]) - $odds($chance)) < abs($odds($best[0] / $best[1]) - $odds($chance)) ? $each : $best;
        }

        return (string) __('traces.odds', ['times' => $best[0], 'of' => $best[1]]);
    }
}
