<?php

declare(strict_types=1);

namespace App\Care\Sessions;

use App\Care\MachineCare;
use App\Care\Readers\CareReader;
use App\Care\RoundComposer;
use App\Care\TaskCare;
use App\Models\Household;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Plan\Ahead\AheadPlan;
use GoodRinse\Core\Plan\Ahead\DueWindow;
use GoodRinse\Core\Plan\Ahead\RecurringJob;
use GoodRinse\Core\Plan\Ahead\SessionRule;
use GoodRinse\Core\Plan\Ahead\SessionsAhead;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\Estimate;
use Psr\Clock\ClockInterface;

/** Gathers what falls due in the next half year into sessions, as a household wants them. */
final readonly class AheadReader
{
    /** Days that it looks ahead. */
    public const DAYS = 182;
    /** Days between two sessions that come when it suits, on the whole. */
    private const APART = 21.0;
    /** A task that does not come back within that is planned once. */
    private const NEVER = 100_000;

    public function __construct(
        private CareReader $care,
        private RoundComposer $composer,
        private ClockInterface $clock,
    ) {
    }

    public function read(Household $household, SessionWish $wish): AheadSessions
    {
        $today = Day::at($this->clock->now(), $household->zone());
        $machines = $this->care->household($household);
        $tasks = $jobs = $between = $byMachine = [];
        $apart = SessionWish::DAYS === $wish->mode ? (new SessionRule($wish->which, $wish->weekday))->apart() : self::APART;
        foreach ($machines as $care) {
            $byMachine[$care->machine->id] = $care;
            foreach ($care->isCounted() ? $care->tasks : [] as $task) {
                $job = self::job($task, $today);
                if (true === $job?->isForBetween($apart)) {
                    $between[] = $task;
                } elseif (null !== $job) {
                    [$jobs[], $tasks[$job->id]] = [$job, $task];
                }
            }
        }
        $ahead = new SessionsAhead(
            fn (string $machine, array $ids): float => $this->minutes($byMachine[$machine], array_map(
                static fn (string $id): TaskCare => $tasks[$id],
                $ids,
            ), $household),
            (float) $wish->minutes,
        );

        return new AheadSessions(
            $today,
            $tasks,
            $ahead->eachWhenDue($jobs, self::DAYS),
            $this->sessions($ahead, $jobs, $wish, $today),
            $between,
        );
    }

    /** @param list<RecurringJob> $jobs */
    private function sessions(SessionsAhead $ahead, array $jobs, SessionWish $wish, Day $today): AheadPlan
    {
        return match ($wish->mode) {
            SessionWish::DAYS => $ahead->onDays(
                $jobs,
                (new SessionRule($wish->which, $wish->weekday))->days($today->midnight(), self::DAYS),
            ),
            default => $ahead->whenItSuits($jobs, self::DAYS),
        };
    }

    /** Null for what follows no clock, or has nothing that does it on this machine. */
    private static function job(TaskCare $task, Day $today): ?RecurringJob
    {
        $rhythm = $task->rhythm();
        $due = $task->isPutOff($today) ? $rhythm->remindOn : $rhythm->dueOn;
        if ('' === $task->fullest() || (null === $due && !$task->isDue())) {
            return null;
        }
        $days = $due?->since($today) ?? 0;
        $again = $rhythm->again($today);
        $next = null === $rhythm->window || null === $again || $task->isPutOff($today)
            ? new DueWindow($days, $days, $days)
            : DueWindow::within($rhythm->window[0]->since($today), $days, $rhythm->window[1]->since($today), max(1.0, $again[1]));

        return new RecurringJob(
            "{$task->machine->id}:$task->id",
            $task->machine->id,
            $next,
            null === $again
                ? new DueWindow(self::NEVER, self::NEVER, self::NEVER)
                : DueWindow::within($again[0], max(1.0, $again[1]), $again[2], max(1.0, $again[1])),
        );
    }

    /** @param list<TaskCare> $tasks of one machine */
    private function minutes(MachineCare $care, array $tasks, Household $household): float
    {
        $procedures = array_values(array_unique(array_map(static fn (TaskCare $task): string => $task->fullest(), $tasks)));
        $alone = array_sum(array_map(static fn (TaskCare $task): float => $task->estimate()->hands->value, $tasks));
        if (count($procedures) < 2) {
            return 1 === count($tasks) ? $alone : $tasks[0]->estimate()->hands->value;
        }
        try {
            $expected = $this->composer->expected($care, $household, $procedures);
        } catch (OrderConflict) {
            $expected = null; // one round after the other
        }

        return null === $expected ? $alone : Estimate::of($expected->procedure, $expected->answers)->hands->value;
    }
}
