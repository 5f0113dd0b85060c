<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use GoodRinse\Core\Plan\Schedule\Activity;
use GoodRinse\Core\Plan\Schedule\ImpossiblePlan;
use GoodRinse\Core\Plan\Schedule\InvalidPlan;
use GoodRinse\Core\Plan\Schedule\Schedule;
use GoodRinse\Core\Plan\Schedule\Scheduler;
use GoodRinse\Core\Plan\Schedule\TimeLink;
use GoodRinse\Core\Simulation\Dice;

final class SchedulerTest extends PlanCase
{
    public function test_what_needs_nobody_runs_beside_what_does(): void
    {
        $schedule = (new Scheduler())->plan([
            new Activity('lay in', 5, ['hands']), new Activity('soak', 20, ['sink']), new Activity('brush', 10, ['hands', 'sink']),
            new Activity('wipe', 15, ['hands']), new Activity('dry', 60),
        ], [new TimeLink('lay in', 'soak', 0, 0), new TimeLink('soak', 'brush', 0, 10), new TimeLink('brush', 'dry')]);

        self::assertSame([95.0, 35.0, 95.0, true], [$schedule->finish, $schedule->handsFree, $schedule->lowerBound, $schedule->proved]);
    }

    public function test_a_greatest_lag_pulls_its_step_close(): void
    {
        $schedule = (new Scheduler())->plan([
            new Activity('bleach', 2, ['hands']), new Activity('rinse', 3, ['hands']), new Activity('sort', 30, ['hands']),
        ], [new TimeLink('bleach', 'rinse', 5, 10)]);

        $gap = $schedule->starts['rinse'] - $schedule->starts['bleach'] - 2;
        self::assertGreaterThanOrEqual(5.0, $gap);
        self::assertLessThanOrEqual(10.0, $gap);
        self::assertSame(40.0, $schedule->finish, 'the long step cannot fit between');
    }

    public function test_among_equals_hands_are_free_soonest(): void
    {
        $schedule = (new Scheduler())->plan(
            [new Activity('cycle', 100, ['dishwasher']), new Activity('wipe', 5, ['hands']), new Activity('look', 5, ['hands'])],
            [new TimeLink('wipe', 'look', 10)],
        );

        self::assertSame([100.0, 20.0], [$schedule->finish, $schedule->handsFree]);
    }

    public function test_nothing_to_do_is_done_at_once(): void
    {
        self::assertEquals(new Schedule([], 0.0, 0.0, 0.0, true), (new Scheduler())->plan([], []));
    }

    public function test_links_that_contradict_each_other_are_named_and_no_others(): void
    {
        $steps = array_map(static fn (string $id): Activity => new Activity($id, 5), ['a', 'b', 'c', 'd']);
        $links = [new TimeLink('a', 'b'), new TimeLink('b', 'c', 10), new TimeLink('a', 'c', 0, 12), new TimeLink('c', 'd')];
        self::assertSame(['a → b', 'b → c', 'a → c'], self::conflict($steps, $links));
        self::assertSame(['a → b'], self::conflict($steps, [new TimeLink('a', 'b', 5, 2), new TimeLink('b', 'c')]));
        $circle = [new TimeLink('a', 'b'), new TimeLink('b', 'a'), new TimeLink('b', 'c')];
        self::assertSame(['a → b', 'b → a'], self::conflict($steps, $circle));
        $one = [new Activity('a', 5, ['hands']), new Activity('b', 5, ['hands']), new Activity('c', 5, ['hands'])];
        self::assertSame(
            ['a → b', 'a → c'],
            self::conflict($one, [new TimeLink('a', 'b', 0, 0), new TimeLink('a', 'c', 0, 0)]),
            'both at once with one pair of hands',
        );
    }

    public function test_a_step_twice_or_a_link_to_nowhere_is_refused(): void
    {
        foreach ([
            [[new Activity('a', 1), new Activity('a', 2)], []],
            [[new Activity('a', 1)], [new TimeLink('a', 'b')]],
        ] as [$steps, $links]) {
            try {
                (new Scheduler())->plan($steps, $links);
                self::fail('refused');
            } catch (InvalidPlan) {
                $this->addToAssertionCount(1);
            }
        }
    }

    public function test_small_plans_are_as_short_as_any_and_keep_every_rule(): void
    {
        $dice = new Dice(20);
        $possible = 0;
        for ($i = 0; $i < 60; ++$i) {
            [$steps, $links] = self::random($dice, 5);
            $best = self::bruteForce($steps, $links);
            try {
                $schedule = (new Scheduler())->plan($steps, $links);
            } catch (ImpossiblePlan) {
                self::assertNull($best, "plan $i can be kept");
                continue;
            }
            ++$possible;
            self::assertNotNull($best, "plan $i cannot be kept");
            self::assertFeasible($schedule, $steps, $links);
            self::assertTrue($schedule->proved);
            self::assertEqualsWithDelta($best, [$schedule->finish, $schedule->handsFree], 1e-9, "plan $i");
            self::assertSame($schedule->finish, $schedule->lowerBound);
        }
        self::assertGreaterThan(30, $possible);
    }

    public function test_large_plans_keep_every_rule_and_say_how_far_they_may_be_from_the_best(): void
    {
        $dice = new Dice(21);
        for ($i = 0; $i < 3; ++$i) {
            [$steps, $links] = self::random($dice, 32, greatest: false);
            $schedule = (new Scheduler())->plan($steps, $links);
            self::assertFeasible($schedule, $steps, $links);
            self::assertLessThanOrEqual($schedule->finish + 1e-9, $schedule->lowerBound);
            self::assertLessThan(1.15 * $schedule->lowerBound, $schedule->finish);
            self::assertEquals($schedule, (new Scheduler())->plan($steps, $links), 'the same seed, the same plan');
        }
    }

    public function test_a_step_more_never_makes_it_shorter(): void
    {
        $dice = new Dice(23);
        for ($i = 0; $i < 20; ++$i) {
            [$steps, $links] = self::random($dice, 7, greatest: false);
            $before = 0.0;
            for ($count = 1; $count <= 7; ++$count) {
                $some = array_slice($steps, 0, $count);
                $ids = array_column($some, 'id');
                $finish = (new Scheduler())->plan($some, array_values(array_filter(
                    $links,
                    static fn (TimeLink $link): bool => in_array($link->to, $ids, true) && in_array($link->from, $ids, true),
                )))->finish;
                self::assertGreaterThanOrEqual($before - 1e-6, $finish);
                $before = $finish;
            }
        }
    }
}
