<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

/** What trouble costs a household, in its money. */
final readonly class Prices
{
    /**
     * @param float $hour of a person's time, 0 or more
     * @param float $callFee of having somebody come, above 0
     */
    public function __construct(public float $hour, public float $callFee)
    {
    }

    public function of(float $minutes, float $supplies = 0.0): float
    {
        return $minutes / 60 * $this->hour + $supplies;
    }
}
