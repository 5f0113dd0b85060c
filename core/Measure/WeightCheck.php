<?php

declare(strict_types=1);

namespace GoodRinse\Core\Measure;

/** Notices weights that hardly can be: a part that gained by being washed, one lighter than clean. */
final class WeightCheck
{
    /**
     * Asks about a part that seems to weigh no less after it was washed.
     *
     * @param float $before grams, as it came off
     * @param float $after grams, washed and dried
     * @param float $wet grams that water left in it may weigh
     *
     * @throws OddWeight when it got heavier
     */
    public static function ensureLighter(float $before, float $after, float $wet): void
    {
        if ($after > $before) {
            throw $after <= $before + $wet ? OddWeight::stillWet() : OddWeight::swapped();
        }
    }

    /**
     * Asks about a weight that does not fit what the part weighed clean before.
     *
     * @param float $tare grams, clean, before
     * @param float $grams now
     * @param bool $isClean whether it is clean now
     * @param float $differs grams that a clean weight may differ by
     *
     * @throws OddWeight when it is lighter than clean, or clean and far from it
     */
    public static function ensureLikely(float $tare, float $grams, bool $isClean, float $differs): void
    {
        if ($grams < $tare - $differs) {
            throw OddWeight::lighterThanClean();
        }
        if ($isClean && $grams > $tare + $differs) {
            throw OddWeight::heavierThanClean();
        }
    }
}
