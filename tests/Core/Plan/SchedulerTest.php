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
use PHPUnit\Framework\TestCase;

final class SchedulerTest extends TestCase
{
    private const RESOURCES = ['hands', 'sink', 'dishwasher'];

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

    /**
     * @param list<Activity> $steps
     * @param list<TimeLink> $links
     *
     * @return list<string>
     */
    private static function conflict(array $steps, array $links): array
    {
        try {
            (new Scheduler())->plan($steps, $links);
        } catch (ImpossiblePlan $e) {
            return array_map(static fn (TimeLink $link): string => "$link->from → $link->to", $e->links);
        }
        self::fail('it can be kept');
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

    /** @return array{list<Activity>, list<TimeLink>} */
    private static function random(Dice $dice, int $count, bool $greatest = true): array
    {
        $steps = $links = [];
        for ($i = 0; $i < $count; ++$i) {
            $needs = array_values(array_filter(self::RESOURCES, static fn (): bool => $dice->uniform() < 0.45));
            $steps[] = new Activity("s$i", (float) $dice->between(0, 12), $needs);
            for ($j = 0; $j < $i; ++$j) {
                if ($dice->uniform() < 2 / $count) {
                    $least = (float) $dice->between(0, 8);
                    $most = $greatest && $dice->uniform() < 0.4 ? $least + $dice->between(0, 6) : null;
                    $links[] = new TimeLink("s$j", "s$i", $least, $most);
                }
            }
        }

        return [$steps, $links];
    }

    /**
     * @param list<Activity> $steps
     * @param list<TimeLink> $links
     */
    private static function assertFeasible(Schedule $schedule, array $steps, array $links): void
    {
        $byId = array_column(array_map(static fn (Activity $step): array => [$step->id, $step], $steps), 1, 0);
        foreach ($links as $link) {
            $lag = $schedule->starts[$link->to] - $schedule->starts[$link->from] - $byId[$link->from]->minutes;
            self::assertGreaterThanOrEqual($link->least - 1e-6, $lag);
            self::assertLessThanOrEqual(($link->most ?? INF) + 1e-6, $lag);
        }
        foreach ($steps as $n => $a) {
            self::assertGreaterThanOrEqual(-1e-9, $schedule->starts[$a->id]);
            foreach (array_slice($steps, $n + 1) as $b) {
                if ([] !== array_intersect($a->needs, $b->needs) && $a->minutes > 0 && $b->minutes > 0) {
                    $between = $schedule->starts[$b->id] - $schedule->starts[$a->id];
                    $apart = max($between - $a->minutes, -$between - $b->minutes);
                    self::assertGreaterThanOrEqual(-1e-6, $apart, "$a->id and $b->id at once");
                }
            }
        }
    }

    /**
     * Every order of every two steps that share something, each with its longest paths.
     *
     * @param list<Activity> $steps
     * @param list<TimeLink> $links
     *
     * @return array{float, float}|null the shortest finish, and with it the soonest free hands; null when nothing can be kept
     */
    private static function bruteForce(array $steps, array $links): ?array
    {
        [$number, $arcs, $pairs] = [array_flip(array_column($steps, 'id')), [], []];
        foreach ($links as $link) {
            [$a, $b, $minutes] = [$number[$link->from], $number[$link->to], $steps[$number[$link->from]]->minutes];
            $arcs[] = [$a, $b, $minutes + $link->least];
            if (null !== $link->most) {
                $arcs[] = [$b, $a, -$minutes - $link->most];
            }
        }
        foreach ($steps as $i => $a) {
            foreach ($steps as $j => $b) {
                if ($i < $j && [] !== array_intersect($a->needs, $b->needs) && $a->minutes > 0 && $b->minutes > 0) {
                    $pairs[] = [$i, $j];
                }
            }
        }
        $best = null;
        for ($choice = 0; $choice < 2 ** count($pairs); ++$choice) {
            $all = $arcs;
            foreach ($pairs as $bit => [$i, $j]) {
                [$first, $second] = 0 === ($choice >> $bit) % 2 ? [$i, $j] : [$j, $i];
                $all[] = [$first, $second, $steps[$first]->minutes];
            }
            $starts = self::soonest(count($steps), $all);
            if (null !== $starts) {
                $ends = array_map(static fn (int $i): float => $starts[$i] + $steps[$i]->minutes, array_keys($steps));
                $isHanded = static fn (int $i): bool => in_array('hands', $steps[$i]->needs, true);
                $hands = array_filter($ends, $isHanded, ARRAY_FILTER_USE_KEY);
                $found = [max($ends), max([0.0, ...$hands])];
                $best = null === $best || $found < $best ? $found : $best;
            }
        }

        return $best;
    }

    /**
     * @param list<array{int, int, float}> $arcs
     *
     * @return list<float>|null
     */
    private static function soonest(int $count, array $arcs): ?array
    {
        $starts = array_fill(0, $count, 0.0);
        for ($round = 0; $round <= $count + 1; ++$round) {
            $hasChanged = false;
            foreach ($arcs as [$from, $to, $minutes]) {
                if ($starts[$from] + $minutes > $starts[$to] + 1e-9) {
                    [$starts[$to], $hasChanged] = [$starts[$from] + $minutes, true];
                }
            }
            if (!$hasChanged) {
                return $starts;
            }
        }

        return null;
    }
}
