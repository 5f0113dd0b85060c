<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Plan\Rounds\Block;
use GoodRinse\Core\Plan\Rounds\RoundBlocks;
use GoodRinse\Core\Plan\Rounds\SharedVessels;
use GoodRinse\Core\Plan\Schedule\Activity;
use GoodRinse\Core\Plan\Schedule\ImpossiblePlan;
use GoodRinse\Core\Plan\Schedule\Scheduler;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Tick;
use GoodRinse\Core\Simulation\Dice;

/** Rounds that share a sink, a bucket or a bowl, and rounds that slip. */
final class SharedVesselsTest extends RoundsCase
{
    /**
     * Whatever rounds share a sink, a bucket or a bowl, and whoever does them: what must not meet never does, as the time goes
     * by in the plan, and the clearings that takes are in it.
     */
    public function test_nothing_that_must_not_meet_is_in_a_shared_vessel_at_once(): void
    {
        $rules = self::handbook()->chemistry();
        $dice = new Dice(33);
        $apart = 0;
        for ($i = 0; $i < 18 || ($apart < 4 && $i < 300); ++$i) {
            $hands = 0 === $i % 3 ? ['hands', 'more hands'] : ['hands'];
            $rounds = [];
            for ($machine = $dice->between(2, 4); $machine > 0; --$machine) {
                [$procedure, $answers] = self::random($dice, $dice->between(1, 3), 0 === $machine % 3 ? null : self::pouring($machine % 2));
                $rounds["m$machine"] = RoundBlocks::of("m$machine", $procedure, $answers, $hands);
            }
            [$clearings, $between] = (new SharedVessels($rules))->apart($rounds);
            $apart += count($between);
            [$blocks, $links] = [$clearings, $between];
            foreach ($rounds as $each) {
                array_push($blocks, ...$each->blocks);
                array_push($links, ...$each->links);
            }
            $activities = array_map(static fn (Block $block): Activity => $block->activity, $blocks);
            $schedule = (new Scheduler(50))->plan($activities, $links, $hands);
            $given = array_map(
                static fn (Activity $each): Activity => isset($schedule->given[$each->id]) ? $each->by($schedule->given[$each->id]) : $each,
                $activities,
            );
            self::assertKept($given, $links, $schedule);
            usort($blocks, static fn (Block $a, Block $b): int => $schedule->starts[$a->activity->id]
                <=> $schedule->starts[$b->activity->id]);
            self::assertApart($blocks, $rules);
        }
        self::assertGreaterThan(3, $apart, 'some of them must be kept apart');
    }

    /** Wherever a round is when it slips, what is left of it has a plan, and no wait that can still be kept is broken. */
    public function test_what_is_left_after_a_slip_has_a_plan_that_keeps_every_wait_that_can_be_kept(): void
    {
        $dice = new Dice(34);
        for ($i = 0; $i < 22; ++$i) {
            [$blocks, $links, $rounds] = [[], [], []];
            for ($machine = $dice->between(1, 3); $machine > 0; --$machine) {
                $rounds[] = $each = self::slipped("m$machine", $dice);
                array_push($blocks, ...$each->blocks);
                array_push($links, ...$each->links);
            }
            $activities = array_map(static fn (Block $block): Activity => $block->activity, $blocks);
            try {
                $schedule = (new Scheduler(200))->plan($activities, $links);
            } catch (ImpossiblePlan $e) {
                // Two waits that are both over at once, and one pair of hands.
                self::assertGreaterThan(1, count($rounds), $e->getMessage());
                continue;
            }
            self::assertKept($activities, $links, $schedule);
        }
    }

    /** What a round has poured already is kept apart from what another has still to pour. */
    public function test_what_is_in_a_vessel_already_is_cleared_before_another_round_pours_onto_it(): void
    {
        $rules = self::handbook()->chemistry();
        $dice = new Dice(35);
        $met = 0;
        for ($i = 0; $i < 40 || ($met < 4 && $i < 400); ++$i) {
            do {
                $rounds = ['begun' => self::slipped('begun', $dice, self::pouring($i % 2))];
            } while ([] === array_filter(array_keys($rounds['begun']->holds), static fn (string $id): bool => false === (
                $rules->vessels[$rules->vesselId($id)]->own ?? true
            )));
            [$procedure, $answers] = self::random($dice, 1, self::pouring(1 - $i % 2));
            $rounds['fresh'] = RoundBlocks::of('fresh', $procedure, $answers);
            [$blocks, $links] = (new SharedVessels($rules))->apart($rounds);
            $met += count($links);
            foreach ($rounds as $each) {
                array_push($blocks, ...$each->blocks);
                array_push($links, ...$each->links);
            }
            try {
                $schedule = (new Scheduler(50))->plan(array_map(static fn (Block $block): Activity => $block->activity, $blocks), $links);
            } catch (ImpossiblePlan) {
                continue; // it has slipped too far for one of its own waits
            }
            usort($blocks, static fn (Block $a, Block $b): int => $schedule->starts[$a->activity->id]
                <=> $schedule->starts[$b->activity->id]);
            $holds = [];
            foreach ($rounds['begun']->holds as $vessel => $agents) {
                foreach ($agents as $agent) {
                    $holds[$rules->vesselId((string) $vessel)][] = ['begun', $agent];
                }
            }
            self::assertApart($blocks, $rules, $holds);
        }
        self::assertGreaterThan(3, $met, 'some of them must be kept apart');
    }

    /** @param (\Closure(Procedure): bool)|null $wanted */
    private static function slipped(string $name, Dice $dice, ?\Closure $wanted = null): RoundBlocks
    {
        [$procedure, $answers] = self::random($dice, $dice->between(1, 2), $wanted);
        $now = new \DateTimeImmutable('2026-06-15 12:00:00');
        $ticks = [];
        $done = $dice->between(0, count($procedure->steps) - 1);
        foreach ((new Progress($procedure, []))->steps($answers) as $n => $step) {
            if ($n < $done) {
                $now = $now->modify(sprintf('+%d seconds', $step->hands->seconds() + $dice->between(0, 600)));
                $ticks[] = new Tick("t$n", $step->id, $now, $answers[$step->capture->id ?? ''] ?? null);
            }
        }

        return RoundBlocks::left(
            $name,
            new Progress($procedure, $ticks),
            $answers,
            $now->modify('+'.$dice->between(0, 45).' minutes'),
        );
    }

    /**
     * @param list<Block> $blocks in the order in which they begin
     * @param array<string, list<array{string, string}>> $holds round and agent, by vessel, before the first
     */
    private static function assertApart(array $blocks, ChemistryRules $rules, array $holds = []): void
    {
        foreach ($blocks as $block) {
            if (null !== $block->clears) {
                $holds[substr($block->activity->id, strlen("$block->round/clear "))] = [];
            }
            foreach ($block->steps as $step) {
                foreach ($step->amounts as $amount) {
                    $vessel = $rules->vesselId($amount->vessel);
                    if (!($rules->vessels[$vessel]->own ?? true) && $rules->agent($amount->agent)->staysIn($vessel)) {
                        foreach ($holds[$vessel] ?? [] as [$round, $agent]) {
                            self::assertFalse(
                                $round !== $block->round && $rules->isDanger($agent, $amount->agent),
                                "$amount->agent of $block->round onto $agent of $round in the $vessel",
                            );
                        }
                        $holds[$vessel][] = [$block->round, $amount->agent];
                    }
                }
                if (null !== $step->clears) {
                    $holds[$rules->vesselId($step->clears->vessel)] = [];
                }
            }
        }
    }

    /**
     * Procedures that pour an acid, or what must not meet one, into a vessel that other machines use.
     *
     * @return \Closure(Procedure): bool
     */
    private static function pouring(int $side): \Closure
    {
        $families = 0 === $side ? ['acid'] : ['bleach', 'peroxide', 'degreaser'];

        return static function (Procedure $procedure) use ($families): bool {
            $rules = self::handbook()->chemistry();
            foreach ($procedure->steps as $step) {
                foreach ($step->amounts as $amount) {
                    $isShared = !($rules->vessels[$rules->vesselId($amount->vessel)]->own ?? true);
                    if ($isShared && [] !== array_intersect($families, $rules->agent($amount->agent)->families)) {
                        return true;
                    }
                }
            }

            return false;
        };
    }
}
