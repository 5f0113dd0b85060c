<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard\Cost;

/** What somebody saved who fixed things without a call. */
final readonly class Saving
{
    /** Share of the faults for which somebody would have called, at the least. */
    private const LEAST = 0.5;

    /**
     * @param int $fixes traces that ended fixed by oneself, 0 or more
     * @param float $fee what a call costs, 0 or more
     * @param float $spent on them: supplies and parts, 0 or more
     */
    public function __construct(public int $fixes, public float $fee, public float $spent)
    {
    }

    /** If each of them had been a call; below 0 where it cost more than calls would have. */
    public function most(): float
    {
        return $this->fixes * $this->fee - $this->spent;
    }

    /** If every second had been one, and the others had gone away by themselves. */
    public function least(): float
    {
        return $this->fixes * self::LEAST * $this->fee - $this->spent;
    }
}
