<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use GoodRinse\Core\Plan\Schedule\Activity;
use GoodRinse\Core\Plan\Schedule\ImpossiblePlan;
use GoodRinse\Core\Plan\Schedule\Scheduler;
use GoodRinse\Core\Plan\Schedule\TimeLink;
use GoodRinse\Core\Simulation\Dice;

/** Two pairs of hands, hours that are set, and fewest switches. */
final class TwoPeopleTest extends PlanCase
{
    public function test_two_people_are_never_slower_than_one_and_never_faster_than_anybody_could_be(): void
    {
        $dice = new Dice(22);
        $proved = 0;
        for ($i = 0; $i < 16; ++$i) {
            [$steps, $links] = self::random($dice, 5, greatest: 0 === $i % 2);
            $two = array_map(static fn (Activity $step): Activity => new Activity(
                $step->id,
                $step->minutes,
                array_values(array_diff($step->needs, ['hands'])),
                in_array('hands', $step->needs, true) ? ['hands', 'more hands'] : [],
            ), $steps);
            try {
                $alone = (new Scheduler())->plan($steps, $links)->finish;
            } catch (ImpossiblePlan) {
                continue;
            }
            $schedule = (new Scheduler())->plan($two, $links, ['hands', 'more hands']);
            $given = array_map(
                static fn (Activity $step): Activity => [] === $step->anyOf ? $step : $step->by($schedule->given[$step->id]),
                $two,
            );
            self::assertFeasible($schedule, $given, $links);
            self::assertLessThanOrEqual($alone + 1e-6, $schedule->finish);
            $best = self::shared($two, $links);
            self::assertLessThanOrEqual($best + 1e-6, $schedule->lowerBound, "plan $i");
            self::assertGreaterThanOrEqual($best - 1e-6, $schedule->finish);
            self::assertTrue(!$schedule->proved || abs($best - $schedule->finish) < 1e-6);
            self::assertLessThanOrEqual(1.25 * $best, $schedule->finish, "plan $i");
            $proved += (int) $schedule->proved;
        }
        self::assertGreaterThan(7, $proved);
    }

    public function test_who_lends_a_hand_has_something_to_do_though_a_machine_sets_the_end(): void
    {
        $both = ['hands', 'more hands'];
        $schedule = (new Scheduler())->plan([
            new Activity('load', 5, [], $both), new Activity('run', 90, ['dishwasher']), new Activity('scrub', 20, [], $both),
            new Activity('wipe', 10, [], $both),
        ], [new TimeLink('load', 'run'), new TimeLink('scrub', 'wipe')], $both);

        self::assertSame(95.0, $schedule->finish);
        self::assertCount(2, array_unique($schedule->given));
        self::assertSame(30.0, $schedule->handsFree);
    }

    /**
     * The shortest finish over every way to give the steps away.
     *
     * @param list<Activity> $steps
     * @param list<TimeLink> $links
     */
    private static function shared(array $steps, array $links): float
    {
        $open = array_keys(array_filter($steps, static fn (Activity $step): bool => [] !== $step->anyOf));
        $best = INF;
        for ($way = 0; $way < 2 ** count($open); ++$way) {
            $given = $steps;
            foreach ($open as $n => $i) {
                $given[$i] = $steps[$i]->by($steps[$i]->anyOf[$way >> $n & 1]);
            }
            $best = min($best, self::bruteForce(array_values($given), $links)[0] ?? INF);
        }

        return $best;
    }

    public function test_a_step_begins_at_its_hour_and_not_while_something_else_takes_up_what_it_needs(): void
    {
        $quiet = new Activity('quiet', 60, ['dishwasher'], isCounted: false);
        [$load, $wash] = [new Activity('load', 5, ['hands']), new Activity('wash', 30, ['dishwasher'])];
        $wipe = new Activity('wipe', 10, ['hands']);
        $steps = [$load, $wash, $wipe, $quiet];
        $links = [new TimeLink('load', 'wash', 0, 0), TimeLink::at('quiet', 20)];
        $schedule = (new Scheduler())->plan($steps, $links);
        self::assertSame([80.0, 110.0], [$schedule->starts['wash'], $schedule->finish], 'thirty minutes do not fit before the quiet');
        self::assertSame(75.0, $schedule->starts['load'], 'it is loaded when it can run');

        $schedule = (new Scheduler())->plan(
            [new Activity('load', 5, ['hands']), new Activity('wash', 15, ['dishwasher']), $quiet],
            [new TimeLink('load', 'wash', 0, 0), TimeLink::at('quiet', 20)],
        );
        self::assertSame(20.0, $schedule->finish, 'the quiet itself is nothing to wait for');

        $pinned = (new Scheduler())->plan($steps, [...$links, TimeLink::at('wipe', 3)]);
        self::assertSame(3.0, $pinned->starts['wipe']);
        self::assertSame(
            [' → wipe', ' → load'],
            self::conflict($steps, [TimeLink::at('wipe', 3), TimeLink::at('load', 5)]),
            'one pair of hands',
        );
    }

    public function test_among_equals_people_go_from_machine_to_machine_least_often(): void
    {
        $steps = $links = [];
        foreach (['a', 'b'] as $machine) {
            foreach ([1, 2, 3] as $n) {
                $steps[] = new Activity("$machine$n", 5, ['hands']);
                if ($n > 1) {
                    $links[] = new TimeLink($machine.($n - 1), "$machine$n");
                }
            }
        }
        $starts = (new Scheduler())->plan([$steps[0], $steps[3], $steps[1], $steps[4], $steps[2], $steps[5]], $links)->starts;
        asort($starts);
        $order = implode('', array_map(static fn (string $id): string => $id[0], array_keys($starts)));
        self::assertContains($order, ['aaabbb', 'bbbaaa']);
    }
}
