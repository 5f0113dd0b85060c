<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Ahead;

/** A day on which several tasks are done in one session. */
final readonly class SessionDay
{
    /**
     * @param int $day from today, 0 or more
     * @param non-empty-list<JobDay> $jobs
     * @param float $minutes of hands
     */
    public function __construct(public int $day, public array $jobs, public float $minutes)
    {
    }

    /** @return array<string, list<JobDay>> by machine */
    public function byMachine(): array
    {
        $machines = [];
        foreach ($this->jobs as $job) {
            $machines[$job->job->machine][] = $job;
        }

        return $machines;
    }
}
