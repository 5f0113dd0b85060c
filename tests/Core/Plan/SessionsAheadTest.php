<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use GoodRinse\Core\Plan\Ahead\AheadPlan;
use GoodRinse\Core\Plan\Ahead\DueWindow;
use GoodRinse\Core\Plan\Ahead\JobDay;
use GoodRinse\Core\Plan\Ahead\RecurringJob;
use GoodRinse\Core\Plan\Ahead\SessionDay;
use GoodRinse\Core\Plan\Ahead\SessionRule;
use GoodRinse\Core\Plan\Ahead\SessionsAhead;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\TestCase;

final class SessionsAheadTest extends TestCase
{
    private const UNTIL = 182;

    /** Ten minutes to open a machine, and ten for each task. */
    private static function ahead(float $most = INF): SessionsAhead
    {
        return new SessionsAhead(static fn (string $machine, array $tasks): float => 10.0 + 10.0 * count($tasks), $most);
    }

    /** @return list<RecurringJob> */
    private static function jobs(Dice $dice): array
    {
        $jobs = [];
        foreach (range(1, $dice->between(1, 4)) as $machine) {
            foreach (range(1, $dice->between(1, 5)) as $task) {
                $interval = $dice->between(7, 120);
                $wide = $dice->between(0, intdiv($interval, 3));
                $due = $dice->between(-5, $interval);
                $jobs[] = new RecurringJob(
                    "m$machine t$task",
                    "m$machine",
                    new DueWindow($due - $wide, $due, $due + $wide),
                    new DueWindow($interval - $wide, $interval, $interval + $wide),
                );
            }
        }

        return $jobs;
    }

    public function test_without_a_limit_every_task_stays_in_its_window_and_machines_are_opened_no_more_often(): void
    {
        $dice = new Dice(41);
        for ($i = 0; $i < 30; ++$i) {
            $jobs = self::jobs($dice);
            $plan = self::ahead()->whenItSuits($jobs, self::UNTIL);
            foreach ($plan->sessions as $session) {
                foreach ($session->jobs as $job) {
                    self::assertTrue(
                        $job->window->holds($session->day) || ($job->window->latest < 0 && 0 === $session->day),
                        "{$job->job->id} on day $session->day",
                    );
                }
            }
            self::assertEveryTaskGoesOn($jobs, $plan);
            self::assertLessThanOrEqual(self::ahead()->eachWhenDue($jobs, self::UNTIL)->openings + count($jobs), $plan->openings);
            self::assertEquals($plan, self::ahead()->whenItSuits($jobs, self::UNTIL));
        }
    }

    /** @param list<RecurringJob> $jobs */
    private static function assertEveryTaskGoesOn(array $jobs, AheadPlan $plan): void
    {
        foreach ($jobs as $job) {
            $next = $job->next;
            foreach ($plan->sessions as $session) {
                foreach ($session->jobs as $each) {
                    if ($each->job->id === $job->id) {
                        self::assertEquals($next, $each->window, 'no turn is left out');
                        $next = $job->again->after($session->day);
                    }
                }
            }
            self::assertGreaterThanOrEqual(self::UNTIL, $next->latest, "$job->id is planned to the end");
        }
    }

    public function test_sessions_stay_under_their_minutes_unless_one_task_alone_is_longer(): void
    {
        $dice = new Dice(42);
        for ($i = 0; $i < 30; ++$i) {
            $jobs = self::jobs($dice);
            $most = (float) $dice->between(15, 60);
            foreach ([
                self::ahead($most)->whenItSuits($jobs, self::UNTIL),
                self::ahead($most)->onDays($jobs, (new SessionRule(1, 6))->days(new \DateTimeImmutable('2026-06-15'), self::UNTIL)),
            ] as $plan) {
                foreach ($plan->sessions as $session) {
                    self::assertTrue($session->minutes <= $most || 1 === count($session->jobs));
                }
                $days = array_map(static fn (SessionDay $session): int => $session->day, $plan->sessions);
                self::assertSame($days, array_values(array_unique($days)), 'one session a day');
            }
        }
    }

    public function test_tasks_of_one_machine_that_fall_due_about_the_same_time_are_done_when_it_is_open(): void
    {
        $again = new DueWindow(50, 60, 70);
        $jobs = [
            new RecurringJob('filter', 'dishwasher', new DueWindow(10, 20, 30), $again),
            new RecurringJob('arms', 'dishwasher', new DueWindow(15, 28, 40), $again),
            new RecurringJob('hood', 'hood', new DueWindow(100, 120, 140), new DueWindow(300, 320, 340)),
        ];
        $plan = self::ahead()->whenItSuits($jobs, 90);
        self::assertCount(2, $plan->sessions);
        self::assertSame(['arms', 'filter'], self::ids($plan->sessions[0]));
        self::assertTrue($plan->sessions[0]->day >= 15 && $plan->sessions[0]->day <= 30);
        $each = self::ahead()->eachWhenDue($jobs, 90);
        self::assertSame([4, 80.0, 0], [$each->openings, $each->minutes, $each->daysOver]);
        self::assertSame([2, 60.0], [$plan->openings, $plan->minutes]);
    }

    public function test_on_set_days_a_task_comes_in_the_session_before_it_would_be_due(): void
    {
        $jobs = [
            new RecurringJob('filter', 'a', new DueWindow(8, 12, 16), new DueWindow(25, 30, 35)),
            new RecurringJob('late', 'b', new DueWindow(-40, -20, -10), new DueWindow(80, 90, 100)),
        ];
        $plan = self::ahead()->onDays($jobs, [5, 10, 40]);
        self::assertSame([[5, ['late']], [10, ['filter']], [40, ['filter']]], array_map(
            static fn (SessionDay $session): array => [$session->day, self::ids($session)],
            $plan->sessions,
        ));
        self::assertSame(5, $plan->daysOver, 'what was due before today counts from today');
    }

    /** @return list<string> */
    private static function ids(SessionDay $session): array
    {
        $ids = array_map(static fn (JobDay $job): string => $job->job->id, $session->jobs);
        sort($ids);

        return $ids;
    }

    public function test_a_rule_names_its_days(): void
    {
        $monday = new \DateTimeImmutable('2026-06-15');
        $first = array_slice((new SessionRule(1, 6))->days($monday, 100), 0, 3);
        self::assertSame([19, 47, 82], $first, 'first Saturdays: 4 July, 1 August, 5 September');
        self::assertSame([5, 12], (new SessionRule(SessionRule::WEEKLY, 6))->days($monday, 15));
        self::assertSame([12], (new SessionRule(SessionRule::LAST, 6))->days($monday, 20));
    }
}
