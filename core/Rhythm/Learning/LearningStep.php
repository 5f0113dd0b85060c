<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm\Learning;

/** One observation and what it did to the interval, all in the clock's uses. */
final readonly class LearningStep
{
    /**
     * @param float $foulings foulings added since the opening before (1 = from clean to the clean-by line)
     * @param float $left foulings that the opening before had left in place
     * @param float $alpha prior weight and faded foulings
     * @param float $beta prior and faded uses
     * @param float $evidence β/α before any limit
     * @param float $before interval in force before the observation
     * @param float $after interval in force after it
     * @param float $startWeighs openings' worth of trust that the start still has
     */
    public function __construct(
        public Observation $observation,
        public float $foulings,
        public float $left,
        public float $alpha,
        public float $beta,
        public float $evidence,
        public float $before,
        public float $after,
        public Limit $limit,
        public float $startWeighs,
    ) {
    }
}
