<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/** When each step begins, and how good that is. */
final readonly class Schedule
{
    /**
     * @param array<string, float> $starts minutes from the beginning, by step
     * @param float $finish minutes until everything is done
     * @param float $handsFree minutes until nobody's hands are needed any more
     * @param float $lowerBound minutes below which no schedule can finish
     * @param bool $proved whether nothing can finish sooner
     * @param array<string, string> $given which of several resources does it, by step that could be done by any of them
     */
    public function __construct(
        public array $starts,
        public float $finish,
        public float $handsFree,
        public float $lowerBound,
        public bool $proved,
        public array $given = [],
    ) {
    }
}
