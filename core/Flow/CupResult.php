<?php

declare(strict_types=1);

namespace GoodRinse\Core\Flow;

/** What a cup test came to. */
final readonly class CupResult
{
    /**
     * @param float $rate ml a minute, of the best time between two looks; 0 or more
     * @param float|null $ratio of the baseline; null without one
     * @param bool $atLeast whether the cup ran over, so that it may have been more
     * @param float|null $lookAgainAt minute at which another look would settle it; null where it is settled
     */
    public function __construct(
        public float $rate,
        public ?float $ratio,
        public CupVerdict $verdict,
        public bool $atLeast = false,
        public ?float $lookAgainAt = null,
    ) {
    }
}
