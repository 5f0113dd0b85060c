<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm\Learning;

use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Rhythm\InvalidClock;

/** One opening as a clock sees it: uses since the opening before, what was found, what was left in place. */
final readonly class Observation
{
    /**
     * @param float $uses uses since the previous opening, 0 or more; 0 teaches nothing but what was left
     * @param bool $measured whether it was counted or measured, and not judged by eye
     *
     * @throws InvalidClock when uses are negative
     */
    public function __construct(public float $uses, public Fraction $found, public Fraction $left, public bool $measured = false)
    {
        if ($uses < 0) {
            throw InvalidClock::negative('The uses between two openings');
        }
    }
}
