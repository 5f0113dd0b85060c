<?php

declare(strict_types=1);

namespace App\Care\Sessions;

use App\Care\TaskCare;
use GoodRinse\Core\Plan\Ahead\AheadPlan;
use GoodRinse\Core\Plan\Ahead\JobDay;
use GoodRinse\Core\Quantity\Day;

/** The next half year as sessions, and for comparison each task when it is due. */
final readonly class AheadSessions
{
    /**
     * @param array<string, TaskCare> $tasks by the id of their job, "machine:task"
     * @param list<TaskCare> $between that come back too often to wait for sessions
     */
    public function __construct(
        public Day $today,
        public array $tasks,
        public AheadPlan $each,
        public AheadPlan $plan,
        public array $between,
    ) {
    }

    /** @return array<string, string> day of the next turn of each job that has one, as YYYY-MM-DD */
    public function days(): array
    {
        $days = [];
        foreach ($this->plan->sessions as $session) {
            foreach ($session->jobs as $job) {
                $days[$job->job->id] ??= $this->today->plus($session->day)->midnight()->format('Y-m-d');
            }
        }

        return $days;
    }

    public function task(JobDay $job): TaskCare
    {
        return $this->tasks[$job->job->id];
    }
}
