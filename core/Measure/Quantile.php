<?php

declare(strict_types=1);

namespace GoodRinse\Core\Measure;

/** Quantiles of a handful of numbers. */
final class Quantile
{
    /**
     * Linear between the two nearest (the usual definition 7 of Hyndman & Fan, The American Statistician 50(4), 1996).
     *
     * @param non-empty-list<float> $numbers in any order
     * @param float $p 0 to 1
     */
    public static function of(array $numbers, float $p): float
    {
        sort($numbers);
        $place = max(0.0, min(1.0, $p)) * (count($numbers) - 1);
        $below = (int) floor($place);
        $above = min($below + 1, count($numbers) - 1);

        return $numbers[$below] + ($place - $below) * ($numbers[$above] - $numbers[$below]);
    }
}
