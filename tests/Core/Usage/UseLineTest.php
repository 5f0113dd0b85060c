<?php

declare(strict_types=1);

namespace Tests\Core\Usage;

use GoodRinse\Core\Usage\UseRecord;
use GoodRinse\Core\Usage\UseTimeline;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\CoreTestCase;

/** How much a machine was used: against the rules written out slowly, and case by case. */
final class UseLineTest extends CoreTestCase
{
    /**
     * @param list<array{float, float}> $taps
     * @param list<array{float, float, float}> $told
     * @param array<string, list<array{float, float}>> $meters
     * @param list<array{float, float}> $away
     */
    private static function line(
        array $taps = [],
        array $told = [],
        array $meters = [],
        array $away = [],
        float $now = 60.5,
        float $habit = 0.7,
        float $most = 6,
    ): UseTimeline {
        return UseTimeline::of(new UseRecord($taps, $told, $meters, $away), $now, $habit, $most, self::handbook()->rhythmModel());
    }

    public function test_it_agrees_with_the_rules_written_out_slowly(): void
    {
        for ($seed = 0; $seed < 150; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $some = static fn (int $least, int $most): int => $random->getInt($least, $most);
            $time = static fn (): float => $some(-1200, 700) / (0 === $some(0, 2) ? 10 : 10.24);
            $span = static function () use ($some, $time): array {
                $from = 0 === $some(0, 1) ? floor($time()) : $time();

                return [$from, $from + $some(1, 60) / (0 === $some(0, 2) ? 4 : 1)];
            };
            $said = ['taps' => [], 'told' => [], 'meters' => [], 'away' => []];
            for ($i = $some(0, 25); $i > 0; --$i) {
                $said['taps'][] = [$time(), (float) $some(1, 3)];
            }
            for ($i = $some(0, 6); $i > 0; --$i) {
                $said['told'][] = [...$span(), (float) $some(0, 20)];
            }
            for ($i = $some(0, 3); $i > 0; --$i) {
                [$total, $at, $readings] = [(float) $some(0, 50), $time(), []];
                for ($j = $some(0, 12); $j > 0; --$j) {
                    $readings[] = [$at, $total];
                    $at += $some(1, 90) / 10;
                    $total = 0 === $some(0, 6) ? max(0.0, $total + $some(-30, 400)) : $total + $some(0, 8);
                }
                shuffle($readings);
                $said['meters']["m$i"] = $readings;
            }
            for ($i = $some(0, 3); $i > 0; --$i) {
                $said['away'][] = $span();
            }
            $now = $some(0, 700) / 10;
            $habit = [0.0, 0.3, 0.7, 3.0][$some(0, 3)];
            $most = (float) $some(2, 8);
            $line = self::line($said['taps'], $said['told'], $said['meters'], $said['away'], $now, $habit, $most);
            $slow = new UseReference($said, $now, $habit, $most);
            [$rate, $days] = $slow->rate();
            self::assertSame([$days, $slow->held], [$line->watchedDays(), $line->held], "seed $seed");
            self::assertEqualsWithDelta($rate, $line->rate(), 1e-9, "seed $seed");
            foreach ([[$now - 200, $now], [$now - $some(0, 1000) / 10, $now], [-40.0, min(20.0, $now)]] as [$since, $to]) {
                [$counted, $unwatched] = $slow->between($since, $to);
                self::assertEqualsWithDelta($counted, $line->counted($since, $to), 1e-8, "seed $seed");
                self::assertEqualsWithDelta($unwatched, $line->unwatched($since, $to), 1e-9, "seed $seed");
            }
        }
    }

    public function test_weeks_that_nobody_told_about_are_not_weeks_without_use(): void
    {
        $told = [];
        for ($week = 0; $week < 8; ++$week) {
            $told[] = [14.0 * $week, 14.0 * $week + 7, 21.0];
        }
        $line = self::line(told: $told, now: 112.4, habit: 1.0, most: 30);
        self::assertEqualsWithDelta(3.0, $line->rate(), 1e-9);
        self::assertEqualsWithDelta(8 * 21.0, $line->counted(0, 112), 1e-9);
        self::assertEqualsWithDelta(49 * 3.0, $line->estimated(0, 105), 1e-9, 'what is not known goes by the rate of its time');
    }

    public function test_today_is_not_a_whole_day(): void
    {
        $taps = array_map(static fn (int $day): array => [$day + 0.8, 1.0], range(0, 59));
        self::assertEqualsWithDelta(1.0, self::line($taps, now: 60.1)->rate(), 1e-9);
        self::assertEqualsWithDelta(1.0, self::line($taps, now: 60.9)->rate(), 1e-9);
    }

    public function test_two_counters_that_watch_at_once_count_once(): void
    {
        $line = self::line(meters: ['first' => [[10.0, 0.0], [20.0, 10.0]], 'second' => [[12.0, 100.0], [20.0, 108.0]]]);
        self::assertEqualsWithDelta(10.0, $line->counted(0, 30), 1e-9);
    }

    public function test_a_spike_is_held_and_what_comes_after_it_counts(): void
    {
        $line = self::line(meters: ['pot' => [[10.0, 100.0], [11.0, 101.0], [12.0, 1e9], [13.0, 103.0], [14.0, 99.0], [15.0, 104.0]]]);
        self::assertSame([['pot', 12.0], ['pot', 14.0]], $line->held);
        self::assertEqualsWithDelta(4.0, $line->counted(0, 30), 1e-9);
    }

    public function test_an_absence_brings_nothing_and_leaves_the_rate_alone(): void
    {
        $taps = array_map(static fn (int $day): array => [$day + 0.5, 2.0], range(0, 39));
        $line = self::line($taps, away: [[41.0, 60.0]], now: 60.5);
        self::assertEqualsWithDelta(2.0, $line->rate(), 1e-9);
        self::assertEqualsWithDelta(4.0, $line->estimated(39.5, 60.5), 1e-9, 'a day and a half before it, half a day after');
    }
}
