<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Plan\Rounds\Block;
use GoodRinse\Core\Plan\Rounds\RoundBlocks;
use GoodRinse\Core\Plan\Schedule\Activity;
use GoodRinse\Core\Plan\Schedule\Scheduler;
use GoodRinse\Core\Round\Estimate;
use GoodRinse\Core\Round\Expectation;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\Attributes\DataProvider;

final class RoundBlocksTest extends RoundsCase
{
    private static function blocks(string $round, Procedure $procedure): RoundBlocks
    {
        return RoundBlocks::of($round, $procedure, Expectation::of($procedure, self::handbook(), []));
    }

    /** @return iterable<string, array{string, string}> kind and procedure */
    public static function procedures(): iterable
    {
        foreach (['dishwasher', 'drip-brewer', 'pod-brewer', 'hood', 'kettle', 'washing-machine', 'espresso-machine'] as $kind) {
            foreach (self::handbook()->kind($kind)->tasksFor([]) as $task) {
                foreach ($task->procedures([]) as $procedure) {
                    yield "$procedure on a $kind" => [$kind, $procedure];
                }
            }
        }
    }

    /** One round by itself is done when Today says that it is done. */
    #[DataProvider('procedures')]
    public function test_one_round_takes_as_long_as_its_estimate_says(string $kind, string $id): void
    {
        $procedure = self::fitted($kind, $id, []);
        $blocks = self::blocks('a', $procedure);
        $schedule = (new Scheduler())->plan(array_map(static fn (Block $block) => $block->activity, $blocks->blocks), $blocks->links);
        $estimate = Estimate::of($procedure, Expectation::of($procedure, self::handbook(), []));

        self::assertEqualsWithDelta($estimate->all->value, $schedule->finish, 1e-6);
        self::assertTrue($schedule->proved);
        $hands = array_sum(array_map(
            static fn (Block $block): float => null === $block->wait ? $block->activity->minutes : 0.0,
            $blocks->blocks,
        ));
        self::assertEqualsWithDelta($estimate->hands->value, $hands, 1e-6);
    }

    /** Rounds of any two machines fit into one session, and take no longer than one after the other. */
    public function test_any_two_rounds_fit_together_and_each_alone_takes_its_estimate(): void
    {
        $dice = new Dice(31);
        for ($i = 0; $i < 40; ++$i) {
            [$blocks, $links, $apart] = [[], [], 0.0];
            foreach (['a', 'b'] as $round) {
                [$procedure, $answers] = self::random($dice);
                $each = RoundBlocks::of($round, $procedure, $answers);
                $alone = (new Scheduler())->plan(array_map(static fn (Block $block) => $block->activity, $each->blocks), $each->links);
                self::assertEqualsWithDelta(Estimate::of($procedure, $answers)->all->value, $alone->finish, 1e-6, $procedure->name);
                $apart += $alone->finish;
                array_push($blocks, ...$each->blocks);
                array_push($links, ...$each->links);
            }
            $schedule = (new Scheduler(1500))->plan(array_map(static fn (Block $block) => $block->activity, $blocks), $links);
            self::assertLessThanOrEqual($apart + 1e-6, $schedule->finish);
        }
    }

    /** Rounds of several jobs on several machines: always a plan, however few orders are tried, never longer than one after the other. */
    public function test_any_rounds_of_several_jobs_have_a_plan(): void
    {
        $dice = new Dice(32);
        for ($i = 0; $i < 25; ++$i) {
            [$blocks, $links, $apart] = [[], [], 0.0];
            for ($machine = $dice->between(2, 5); $machine > 0; --$machine) {
                [$procedure, $answers] = self::random($dice, $dice->between(1, 4));
                $each = RoundBlocks::of("m$machine", $procedure, $answers);
                $apart += Estimate::of($procedure, $answers)->all->value;
                array_push($blocks, ...$each->blocks);
                array_push($links, ...$each->links);
            }
            $activities = array_map(static fn (Block $block): Activity => $block->activity, $blocks);
            $schedule = (new Scheduler(50))->plan($activities, $links);
            self::assertLessThanOrEqual($apart + 1e-6, $schedule->finish);
            self::assertGreaterThanOrEqual($schedule->lowerBound - 1e-6, $schedule->finish);
            self::assertSame($schedule->proved, abs($schedule->finish - $schedule->lowerBound) < 1e-6);
            self::assertKept($activities, $links, $schedule);
        }
    }

    public function test_two_machines_share_the_hands_and_one_sink_and_each_wait_is_used_by_the_other(): void
    {
        $filter = self::blocks('dishwasher', self::fitted('dishwasher', 'filter-clean', []));
        $hood = self::blocks('hood', self::fitted('hood', 'wash-filters', []));
        $all = [...$filter->blocks, ...$hood->blocks];
        $schedule = (new Scheduler())->plan(
            array_map(static fn (Block $block) => $block->activity, $all),
            [...$filter->links, ...$hood->links],
        );
        $alone = 0.0;
        foreach ([$filter, $hood] as $each) {
            $alone += (new Scheduler())->plan(array_map(static fn (Block $block) => $block->activity, $each->blocks), $each->links)->finish;
        }

        self::assertLessThan($alone, $schedule->finish);
        $sink = array_filter($all, static fn (Block $block): bool => in_array(RoundBlocks::SINK, $block->activity->needs, true));
        foreach ($sink as $a) {
            foreach ($sink as $b) {
                if ($a->activity->id < $b->activity->id) {
                    $gap = $schedule->starts[$b->activity->id] - $schedule->starts[$a->activity->id];
                    self::assertTrue($gap >= $a->activity->minutes - 1e-6 || -$gap >= $b->activity->minutes - 1e-6);
                }
            }
        }
    }
}
