<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Ahead;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Rhythm\CareSettings;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\TaskClocks;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Round\Estimate;
use GoodRinse\Core\Round\Expectation;
use GoodRinse\Core\Simulation\Dice;

/**
 * Made-up households with several machines that live a year: doing each job when it is due, or in sessions. Each job fouls
 * sooner or later than its rhythm says, every time anew, so that what was done a little early or late is seen in the days on
 * which something was beyond its clean-by line.
 *
 * @phpstan-type Year array{hours: float, days: int, openings: int, over: int, jobs: int}
 */
final class SessionDrill
{
    public const EACH = 'each';
    public const SUITS = 'suits';
    public const MONTHLY = 'monthly';

    private const YEAR = 365;
    /** Days ahead for which sessions are made each time. */
    private const AHEAD = 70;
    /** Spread of how long a part stays clean, from time to time. */
    private const SPREAD = 0.2;
    /** Share of its interval by which a window reaches out on either side. */
    private const WINDOW = 0.3;
    private const MOST_MINUTES = 90.0;
    private const MOST_DAYS_LATE = 3;

    private readonly Composer $composer;
    private readonly TaskClocks $clocks;

    /** @var array<string, float> minutes of hands by kind and procedures */
    private array $minutes = [];

    public function __construct(private readonly Handbook $handbook)
    {
        $this->composer = new Composer($handbook);
        $this->clocks = new TaskClocks($handbook->doseModel());
    }

    /**
     * One household's year, the same kitchen and the same soil each way.
     *
     * @return array<string, Year> by the way it is done
     */
    public function household(int $seed): array
    {
        $jobs = $this->jobs(new Dice($seed));
        $years = [];
        foreach ([self::EACH, self::SUITS, self::MONTHLY] as $way) {
            $years[$way] = $this->live($jobs, $way, new Dice($seed + 1));
        }

        return $years;
    }

    /**
     * @return array<string, array{string, string, float, float}> machine, procedure, and days that a part stays clean by its
     *     rhythm and in truth on the whole, by job
     */
    private function jobs(Dice $dice): array
    {
        $kinds = array_keys($this->handbook->kindNames());
        $jobs = [];
        for ($machine = $dice->between(2, 5); $machine > 0; --$machine) {
            $kind = $this->handbook->kind($kinds[$dice->between(0, count($kinds) - 1)]);
            $perDay = max(0.05, $kind->declaredUsesPerDay([]));
            foreach ($kind->tasksFor([]) as $task) {
                $procedure = $task->procedures([])[0] ?? null;
                $start = $this->clocks->starting($kind, $task, new CareSettings([], null));
                $days = Clock::DAYS === $start->unit ? $start->count : $start->count / $perDay;
                if (null !== $procedure && null !== $start->base && $days >= 1 && $this->minutesOf($kind, [$procedure]) < INF) {
                    $jobs["m$machine:$task->id"] = [
                        "m$machine $kind->id",
                        $procedure,
                        $days,
                        $days * $dice->lognormal(1.0, self::SPREAD / 2),
                    ];
                }
            }
        }

        return $jobs;
    }

    /**
     * @param array<string, array{string, string, float, float}> $jobs
     *
     * @return Year
     */
    private function live(array $jobs, string $way, Dice $dice): array
    {
        $year = ['hours' => 0.0, 'days' => 0, 'openings' => 0, 'over' => 0, 'jobs' => 0];
        $last = $dirty = [];
        foreach ($jobs as $id => [, , $rhythm, $truth]) {
            $last[$id] = -(int) floor($dice->uniform() * $rhythm);
            $dirty[$id] = $last[$id] + $truth * $dice->lognormal(1.0, self::SPREAD);
        }
        $today = new \DateTimeImmutable('2026-01-01');
        for ($day = 0; $day < self::YEAR; ++$day) {
            $done = $this->today($jobs, $last, $way, $day, $today, $dice);
            foreach ($done as $machine => $ids) {
                $procedures = array_map(static fn (string $id): string => $jobs[$id][1], $ids);
                $year['hours'] += $this->minutesOf($this->kind($machine), $procedures) / 60;
                ++$year['openings'];
                foreach ($ids as $id) {
                    ++$year['jobs'];
                    $year['over'] += (int) max(0, $day - $dirty[$id]);
                    $last[$id] = $day;
                    $dirty[$id] = $day + $jobs[$id][3] * $dice->lognormal(1.0, self::SPREAD);
                }
            }
            $year['days'] += (int) ([] !== $done);
        }

        return $year;
    }

    /**
     * @param array<string, array{string, string, float, float}> $jobs
     * @param array<string, int> $last day on which each was done
     *
     * @return array<string, non-empty-list<string>> jobs that are done today, by machine
     */
    private function today(array $jobs, array $last, string $way, int $day, \DateTimeImmutable $first, Dice $dice): array
    {
        $apart = self::MONTHLY === $way ? 30.4 : 21.0;
        $done = $recurring = [];
        foreach ($jobs as $id => [$machine, , $rhythm]) {
            $due = (int) round($last[$id] + $rhythm);
            $job = new RecurringJob(
                $id,
                $machine,
                DueWindow::within($due - $day - self::WINDOW * $rhythm, $due - $day, $due - $day + self::WINDOW * $rhythm, $rhythm),
                DueWindow::within((1 - self::WINDOW) * $rhythm, $rhythm, (1 + self::WINDOW) * $rhythm, $rhythm),
            );
            if (self::EACH === $way || $job->isForBetween($apart)) {
                if ($day >= $due + $dice->between(0, self::MOST_DAYS_LATE)) {
                    $done[self::EACH === $way ? "$machine $id" : $machine][] = $id;
                }
            } else {
                $recurring[] = $job;
            }
        }
        if (self::EACH === $way || [] === $recurring) {
            return $done;
        }
        $ahead = new SessionsAhead(function (string $machine, array $ids) use ($jobs): float {
            $procedures = array_map(static fn (string $id): string => $jobs[$id][1], $ids);

            return [] === $procedures ? 0.0 : $this->minutesOf($this->kind($machine), $procedures);
        }, self::MOST_MINUTES);
        $plan = self::MONTHLY === $way
            ? $ahead->onDays($recurring, (new SessionRule(1, 6))->days($first->modify("+$day days"), self::AHEAD))
            : $ahead->whenItSuits($recurring, self::AHEAD);
        $session = $plan->sessions[0] ?? null;
        foreach ($session instanceof SessionDay && 0 === $session->day ? $session->jobs : [] as $job) {
            $done[$job->job->machine][] = $job->job->id;
        }

        return $done;
    }

    private function kind(string $machine): MachineKind
    {
        return $this->handbook->kind(explode(' ', $machine)[1] ?? '');
    }

    /** @param non-empty-list<string> $procedures */
    private function minutesOf(MachineKind $kind, array $procedures): float
    {
        $procedures = array_values(array_unique($procedures));
        sort($procedures);
        $key = "$kind->id ".implode(' ', $procedures);
        if (!isset($this->minutes[$key])) {
            $procedure = $this->composed($kind, $procedures);
            $this->minutes[$key] = match (true) {
                null !== $procedure => Estimate::of(
                    $procedure,
                    Expectation::of($procedure, $this->handbook, $this->soil($procedure)),
                )->hands->value,
                count($procedures) > 1 => array_sum(array_map(fn (string $one): float => $this->minutesOf($kind, [$one]), $procedures)),
                default => INF,
            };
        }

        return $this->minutes[$key];
    }

    /** @param non-empty-list<string> $procedures */
    private function composed(MachineKind $kind, array $procedures): ?Procedure
    {
        try {
            return $this->composer->compose($kind, ProcedureSet::from($procedures), new Circumstances([]))->procedure;
        } catch (OrderConflict) {
            return null;
        }
    }

    /** @return array<string, Fraction> */
    private function soil(Procedure $procedure): array
    {
        $soil = [];
        foreach ($procedure->steps as $step) {
            if (null !== $step->capture?->of) {
                $soil[$step->capture->of] = Fraction::of($this->handbook->rhythmModel()->cleanBy);
            }
        }

        return $soil;
    }
}
