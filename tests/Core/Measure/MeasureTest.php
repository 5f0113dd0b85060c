<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use GoodRinse\Core\Measure\GreaseLoad;
use GoodRinse\Core\Measure\LimeShare;
use GoodRinse\Core\Measure\OddWeight;
use GoodRinse\Core\Measure\PotTime;
use GoodRinse\Core\Measure\Quantile;
use GoodRinse\Core\Measure\UsualBand;
use GoodRinse\Core\Measure\WeightCheck;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

final class MeasureTest extends CoreTestCase
{
    private static function day(int $day, int $hour = 12): \DateTimeImmutable
    {
        return new \DateTimeImmutable(sprintf('2026-01-01 +%d days %d:00 UTC', $day, $hour));
    }

    /** @param list<array{int, float}> $times day and minutes */
    private static function potTime(array $times, int ...$descalings): PotTime
    {
        return PotTime::of(
            array_map(static fn (array $time): array => [self::day($time[0]), $time[1]], $times),
            array_map(self::day(...), array_values($descalings)),
            5,
        );
    }

    public function test_the_first_pot_after_a_descaling_is_what_is_normal(): void
    {
        $time = self::potTime([[0, 9.0], [2, 6.0], [9, 6.6], [20, 7.5]], 1);

        self::assertSame([6.0, 7.5], [$time->normal, $time->newest]);
        self::assertEqualsWithDelta(0.25, $time->slowedBy, 1e-12);
        self::assertTrue($time->isSlow(0.25));
        self::assertFalse(self::potTime([[0, 9.0], [2, 6.0], [9, 7.4]], 1)->isSlow(0.25));
    }

    public function test_the_middle_of_the_newest_clean_times_is_normal(): void
    {
        $times = [[1, 20.0], [11, 5.0], [21, 6.0], [31, 7.0], [41, 5.5], [51, 6.5]];

        self::assertSame(6.0, self::potTime($times, 0, 10, 20, 30, 40, 50)->normal);
    }

    public function test_without_a_descaling_or_a_time_since_nothing_is_slow(): void
    {
        self::assertNull(self::potTime([[0, 9.0]])->normal);
        self::assertFalse(self::potTime([[0, 9.0], [2, 20.0]])->isSlow(0.25));
        $descaled = self::potTime([[2, 6.0], [9, 9.0]], 1, 10);
        self::assertSame([6.0, null, 0.0], [$descaled->normal, $descaled->newest, $descaled->slowedBy]);
    }

    public function test_flakes_where_little_lime_was_expected_say_that_more_stays(): void
    {
        $model = self::handbook()->measureModel();
        $learn = static fn (array $ran): float => LimeShare::learn($ran, 4.0, $model)->factor;

        self::assertSame(1.0, $learn([]));
        self::assertSame(1.0, $learn([['cloudy', 4.0], ['clear', 1.0], ['flakes', 8.0]]), 'as expected');
        self::assertEqualsWithDelta(1.41 ** 2, $learn([['flakes', 1.0]]), 1e-9);
        self::assertEqualsWithDelta(1 / 1.41, $learn([['clear', 4.0]]), 1e-9);
        self::assertSame(1.0, $learn([['mud', 4.0]]), 'what the handbook does not know teaches nothing');
    }

    public function test_the_share_of_lime_stays_within_its_bounds_and_gets_surer(): void
    {
        $model = self::handbook()->measureModel();
        $dice = new Dice(7);
        for ($i = 0; $i < 200; ++$i) {
            $ran = [];
            for ($n = $dice->between(0, 30); $n > 0; --$n) {
                $ran[] = [$model->lime['ran'][$dice->between(0, 2)], 10 * $dice->uniform()];
            }
            $share = LimeShare::learn($ran, 4.0, $model);
            self::assertGreaterThanOrEqual($model->lime['least'], $share->factor);
            self::assertLessThanOrEqual($model->lime['most'], $share->factor);
            self::assertGreaterThan(1.0, $share->spread);
        }
        self::assertLessThan(LimeShare::learn([], 4.0, $model)->spread, LimeShare::learn([['cloudy', 4.0]], 4.0, $model)->spread);
    }

    public function test_grease_is_what_a_filter_gained_since_it_was_clean(): void
    {
        $hours = static fn (\DateTimeImmutable $from, \DateTimeImmutable $to): float => (
            $to->getTimestamp() - $from->getTimestamp()
        ) / 86400;
        $load = GreaseLoad::of([
            [self::day(0), 640.0, true],
            [self::day(20), 670.0, false],
            [self::day(20, 18), 641.0, true],
            [self::day(40), 661.0, false],
        ], $hours);

        self::assertSame([641.0, 20.0], [$load->tare, $load->now]);
        self::assertCount(1, $load->washes);
        self::assertEqualsWithDelta(30 / 20.25, $load->perHour, 1e-9);
        self::assertEqualsWithDelta(40 / (30 / 20.25), $load->hoursToDrip(40.0)[1] ?? 0.0, 1e-9);
        self::assertNull(GreaseLoad::of([[self::day(0), 640.0, false]], $hours)->hoursToDrip(40.0));
    }

    /** @return iterable<string, array{\Closure(): void, bool}> */
    public static function weights(): iterable
    {
        yield 'lighter after the wash' => [static fn () => WeightCheck::ensureLighter(670.0, 640.0, 3.0), false];
        yield 'the same' => [static fn () => WeightCheck::ensureLighter(640.0, 640.0, 3.0), false];
        yield 'still wet' => [static fn () => WeightCheck::ensureLighter(640.0, 642.0, 3.0), true];
        yield 'swapped' => [static fn () => WeightCheck::ensureLighter(640.0, 670.0, 3.0), true];
        yield 'one filter left out' => [static fn () => WeightCheck::ensureLikely(640.0, 320.0, false, 15.0), true];
        yield 'greasy' => [static fn () => WeightCheck::ensureLikely(640.0, 700.0, false, 15.0), false];
        yield 'clean, but as heavy as greasy' => [static fn () => WeightCheck::ensureLikely(640.0, 700.0, true, 15.0), true];
    }

    /** @param \Closure(): void $weigh */
    #[DataProvider('weights')]
    public function test_odd_weights_are_asked_about(\Closure $weigh, bool $isOdd): void
    {
        $asked = false;
        try {
            $weigh();
        } catch (OddWeight) {
            $asked = true;
        }
        self::assertSame($isOdd, $asked);
    }

    public function test_quantiles_lie_between_the_numbers_and_rise(): void
    {
        self::assertSame(2.5, Quantile::of([4.0, 1.0, 3.0, 2.0], 0.5));
        self::assertSame([1.0, 4.0], [Quantile::of([4.0, 1.0], 0.0), Quantile::of([4.0, 1.0], 1.0)]);
        self::assertSame(7.0, Quantile::of([7.0], 0.3));
    }

    public function test_a_run_of_worse_figures_is_told_with_its_size(): void
    {
        $usual = UsualBand::of([10.0, 11.0, 9.0, 10.0, 11.5]);
        self::assertSame([0, null], [$usual?->out, $usual?->times]);
        $twice = UsualBand::of([10.0, 11.0, 9.0, 10.0, 10.5, 20.0, 21.0]);
        self::assertSame(2, $twice?->out);
        self::assertEqualsWithDelta(2.05, $twice->times, 1e-9);
        self::assertSame(0, UsualBand::of([10.0, 11.0, 9.0, 10.0, 10.5, 2.0])?->out, 'less is not worse');
        self::assertSame(1, UsualBand::of([10.0, 11.0, 9.0, 10.0, 10.5, 2.0], true)?->out, 'but where more is better it is');
        self::assertNull(UsualBand::of([1.0, 2.0, 3.0]));
    }
}
