<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Ahead;

/** A care task as it comes back: when it may be done next, and how long after that it comes again. */
final readonly class RecurringJob
{
    /** Share of the time between two sessions below which it does not wait for them. */
    private const SHARE = 0.75;

    /**
     * @param string $id of the task on its machine
     * @param string $machine that is opened for it
     * @param DueWindow $next days from today
     * @param DueWindow $again days after it was done
     */
    public function __construct(public string $id, public string $machine, public DueWindow $next, public DueWindow $again)
    {
    }

    /**
     * Whether it comes back too often to wait for sessions.
     *
     * @param float $apart days between two sessions, above 0
     */
    public function isForBetween(float $apart): bool
    {
        return $this->again->due < self::SHARE * $apart;
    }
}
