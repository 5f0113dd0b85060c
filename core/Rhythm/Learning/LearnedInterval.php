<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm\Learning;

/** What a clock's openings have taught: the interval in force and how sure it is. */
final readonly class LearnedInterval
{
    /**
     * @param float $interval uses from clean to the clean-by line
     * @param float $alpha shape of the Gamma belief about foulings a use
     * @param float $beta rate of that belief, in uses
     * @param float $earliest lower end of the due window, uses since the last opening
     * @param float $latest upper end of the due window
     * @param int $openings observations that counted uses
     * @param LearningStep|null $lastStep what the newest of them did; IntervalLearner::steps() tells all
     * @param float|null $instead what would be in force if the household did not keep it as it is; null where it does
     *     not, or nothing was found
     */
    public function __construct(
        public float $interval,
        public float $alpha,
        public float $beta,
        public float $earliest,
        public float $latest,
        public int $openings,
        public ?LearningStep $lastStep,
        public ?float $instead = null,
    ) {
    }
}
