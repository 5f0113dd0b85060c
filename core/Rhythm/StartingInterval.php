<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

/** How the first interval of a care task comes about: the school that somebody picked or that fits the habits, in its unit. */
final readonly class StartingInterval
{
    /**
     * @param float $count the interval, at least 1; for a school that follows no clock, the longest allowed
     * @param string $unit of it
     * @param string $school id
     * @param float|null $base what the school alone says, in the unit; null where it follows no clock
     * @param list<string> $for habits that it was proposed for; empty where it was picked, or is the usual one
     * @param bool $picked whether somebody picked it
     * @param float|null $hardness mg/L that it was computed from; null where it was not
     * @param float|null $litres per use that it was computed with
     * @param bool $guessed whether nobody knows the hardness, so that the usual one stands
     */
    public function __construct(
        public float $count,
        public string $unit,
        public string $school,
        public ?float $base,
        public array $for = [],
        public bool $picked = false,
        public ?float $hardness = null,
        public ?float $litres = null,
        public bool $guessed = false,
    ) {
    }
}
