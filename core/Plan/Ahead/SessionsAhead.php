<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Ahead;

/**
 * Gathers what comes back over some months into sessions: on days that are set, or whenever most windows meet. Each task stays
 * in its window as long as the sessions have room for it, and a machine that is opened is opened for all that it may be.
 */
final class SessionsAhead
{
    /** Share of its interval before its due day from which a task comes along when there is a session anyway. */
    private const NEAR = 0.2;

    /** @var array<string, float> minutes of hands by machine and tasks, as they were asked for */
    private array $asked = [];

    /**
     * @param \Closure(string, list<string>): float $minutes of hands for some tasks of one machine in one round
     * @param float $most minutes that a session may take; what takes longer by itself has a session of its own
     */
    public function __construct(private readonly \Closure $minutes, private readonly float $most)
    {
    }

    /**
     * Each task by itself on the day on which it is due.
     *
     * @param list<RecurringJob> $jobs
     * @param int $until day up to which it looks, from today
     */
    public function eachWhenDue(array $jobs, int $until): AheadPlan
    {
        $sessions = [];
        foreach ($jobs as $job) {
            for ($window = $job->next; max(0, $window->due) <= $until; $window = $job->again->after($day)) {
                $day = max(0, $window->due);
                $sessions[] = new SessionDay($day, [new JobDay($job, $day, $window)], $this->minutesOf($job->machine, [$job->id]));
                if ($job->again->due < 1) {
                    break; // it would come back the same day, and again
                }
            }
        }
        usort($sessions, static fn (SessionDay $a, SessionDay $b): int => [$a->day, $a->jobs[0]->job->id]
            <=> [$b->day, $b->jobs[0]->job->id]);

        return AheadPlan::of($sessions);
    }

    /**
     * On days that are set. A task goes into the last session before it would be due, or along with its machine when that is
     * opened within its window.
     *
     * @param list<RecurringJob> $jobs
     * @param list<int> $days from today, ascending
     */
    public function onDays(array $jobs, array $days): AheadPlan
    {
        $windows = self::windows($jobs);
        $sessions = [];
        foreach ($days as $n => $day) {
            $next = $days[$n + 1] ?? PHP_INT_MAX;
            $must = array_values(array_filter(
                $jobs,
                static fn (RecurringJob $job): bool => $windows[$job->id]->due <= $day
                    || ($windows[$job->id]->due < $next && $windows[$job->id]->earliest <= $day && PHP_INT_MAX !== $next),
            ));
            $session = $this->session($day, $must, $jobs, $windows);
            if (null !== $session) {
                $sessions[] = $session;
                $windows = self::done($session, $windows);
            }
        }

        return AheadPlan::of($sessions);
    }

    /**
     * When it suits: each session on the day on which most that is due about then can be done, and no task after its window.
     *
     * @param list<RecurringJob> $jobs
     * @param int $until day up to which it looks, from today
     */
    public function whenItSuits(array $jobs, int $until): AheadPlan
    {
        $windows = self::windows($jobs);
        $sessions = [];
        $from = 0;
        while ([] !== $jobs) {
            $last = min(PHP_INT_MAX, ...array_values(array_map(static fn (DueWindow $window): int => $window->latest, $windows)));
            $day = $this->best($jobs, $windows, $from, max($from, $last));
            if ($day > $until) {
                break;
            }
            $must = array_values(array_filter($jobs, static fn (RecurringJob $job): bool => $windows[$job->id]->latest <= $day || (
                $windows[$job->id]->holds($day) && $windows[$job->id]->due - $day <= self::NEAR * $job->again->due
            )));
            $along = array_values(array_filter($jobs, static fn (RecurringJob $job): bool => $windows[$job->id]->holds($day)));
            $session = $this->session($day, [] === $must ? $along : $must, $along, $windows);
            if (null === $session) {
                break;
            }
            $sessions[] = $session;
            $windows = self::done($session, $windows);
            $from = $day + 1;
        }

        return AheadPlan::of($sessions);
    }

    /**
     * @param list<RecurringJob> $jobs
     *
     * @return array<string, DueWindow> by task
     */
    private static function windows(array $jobs): array
    {
        $windows = [];
        foreach ($jobs as $job) {
            $windows[$job->id] = $job->next;
        }

        return $windows;
    }

    /**
     * The day, between two, in whose windows most tasks are, and nearest to their due days.
     *
     * @param list<RecurringJob> $jobs
     * @param array<string, DueWindow> $windows
     */
    private function best(array $jobs, array $windows, int $from, int $last): int
    {
        [$best, $most] = [$last, -INF];
        for ($day = $last; $day >= $from; --$day) {
            $worth = 0.0;
            $machines = [];
            foreach ($jobs as $job) {
                $window = $windows[$job->id];
                if ($window->holds($day) || $window->latest < $day) {
                    $worth += 1 - 0.5 * abs($day - $window->due) / max(1, $window->latest - $window->earliest);
                    $machines[$job->machine] = true;
                }
            }
            // To open a machine less is worth as much as one task more.
            $worth -= 0.5 * count($machines);
            if ($worth > $most + 1e-9) {
                [$best, $most] = [$day, $worth];
            }
        }

        return $best;
    }

    /**
     * @param list<RecurringJob> $must that are to be done then, if there is room
     * @param list<RecurringJob> $all that may come along
     * @param array<string, DueWindow> $windows
     */
    private function session(int $day, array $must, array $all, array $windows): ?SessionDay
    {
        $byNeed = static fn (RecurringJob $a, RecurringJob $b): int => [$windows[$a->id]->latest, $windows[$a->id]->due, $a->id]
            <=> [$windows[$b->id]->latest, $windows[$b->id]->due, $b->id];
        usort($must, $byNeed);
        $chosen = [];
        foreach ($must as $job) {
            $chosen = $this->with($chosen, $job);
        }
        $opened = array_unique(array_map(static fn (RecurringJob $job): string => $job->machine, $chosen));
        $along = array_filter($all, static fn (RecurringJob $job): bool => !in_array($job, $chosen, true)
            && in_array($job->machine, $opened, true)
            && $windows[$job->id]->holds($day));
        usort($along, $byNeed);
        foreach ($along as $job) {
            $chosen = $this->with($chosen, $job);
        }
        if ([] === $chosen) {
            return null;
        }

        return new SessionDay(
            $day,
            array_map(static fn (RecurringJob $job): JobDay => new JobDay($job, $day, $windows[$job->id]), $chosen),
            $this->minutesOfAll($chosen),
        );
    }

    /**
     * @param list<RecurringJob> $chosen
     *
     * @return list<RecurringJob> with one more, where there is room; the first always has
     */
    private function with(array $chosen, RecurringJob $job): array
    {
        $more = [...$chosen, $job];

        return [] === $chosen || $this->minutesOfAll($more) <= $this->most ? $more : $chosen;
    }

    /**
     * @param array<string, DueWindow> $windows
     *
     * @return array<string, DueWindow>
     */
    private static function done(SessionDay $session, array $windows): array
    {
        foreach ($session->jobs as $job) {
            $windows[$job->job->id] = $job->job->again->after($session->day);
        }

        return $windows;
    }

    /** @param list<RecurringJob> $jobs */
    private function minutesOfAll(array $jobs): float
    {
        $byMachine = [];
        foreach ($jobs as $job) {
            $byMachine[$job->machine][] = $job->id;
        }
        $minutes = 0.0;
        foreach ($byMachine as $machine => $ids) {
            $minutes += $this->minutesOf((string) $machine, $ids);
        }

        return $minutes;
    }

    /** @param list<string> $ids */
    private function minutesOf(string $machine, array $ids): float
    {
        sort($ids);

        return $this->asked["$machine ".implode(' ', $ids)] ??= ($this->minutes)($machine, $ids);
    }
}
