<?php

declare(strict_types=1);

namespace GoodRinse\Core\Flow;

/** One look at the cup. */
final readonly class CupReading
{
    /**
     * @param float $minute since the first spray was heard, 0 or more
     * @param float $ml in the cup, 0 or more
     * @param bool $overflowed it was full to the brim: there was at least so much
     *
     * @throws InvalidFlow for less than nothing
     */
    public function __construct(public float $minute, public float $ml, public bool $overflowed = false)
    {
        if ($minute < 0 || !is_finite($minute)) {
            throw InvalidFlow::backwards();
        }
        if ($ml < 0 || !is_finite($ml)) {
            throw InvalidFlow::level();
        }
    }
}
