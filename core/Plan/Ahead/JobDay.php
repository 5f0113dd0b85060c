<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Ahead;

/** A task done on a day. */
final readonly class JobDay
{
    /** @param DueWindow $window in which it was to be done, days from today */
    public function __construct(public RecurringJob $job, public int $day, public DueWindow $window)
    {
    }

    /** Days that it had been due. */
    public function daysOver(): int
    {
        return max(0, $this->day - max(0, $this->window->due));
    }
}
