<?php

declare(strict_types=1);

namespace Tests\Core\Rhythm;

use Eris\Generator;
use Eris\TestTrait;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\Learning\IntervalLearner;
use GoodRinse\Core\Rhythm\Learning\LearnedInterval;
use GoodRinse\Core\Rhythm\Learning\Limit;
use GoodRinse\Core\Rhythm\Learning\Observation;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

final class IntervalLearnerTest extends CoreTestCase
{
    use TestTrait;

    /** @param list<array{float, float, float}> $openings uses, found, left */
    private static function learn(array $openings, float $start = 90, float $least = 7, float $most = 365): LearnedInterval
    {
        $observations = array_map(
            static fn (array $o): Observation => new Observation($o[0], Fraction::of($o[1]), Fraction::of($o[2])),
            $openings,
        );

        return (new IntervalLearner(self::handbook()->rhythmModel()))->learn(new Clock('days', $start, $least, $most, 1, 0, $observations));
    }

    public function test_it_keeps_the_start_while_nothing_was_found(): void
    {
        $learned = self::learn([]);

        self::assertSame(90.0, $learned->interval);
        self::assertEqualsWithDelta(90 / log(10), $learned->earliest, 1e-9, 'for shape 1 the 90 % quantile is ln 10 over the rate');
        self::assertSame(365.0, $learned->latest);
    }

    public function test_it_doubles_the_interval_after_a_clear_filter(): void
    {
        self::assertEqualsWithDelta(180, self::learn([[90, 0, 0]])->interval, 1e-9);
    }

    public function test_clear_twice_in_a_row_makes_a_year(): void
    {
        self::assertEqualsWithDelta(360, self::learn([[90, 0, 0], [180, 0, 0]])->interval, 1e-9, 'more than double, held at double');
    }

    public function test_patchy_after_24_days_makes_27_of_30(): void
    {
        $start = 0.5 ** 0.25;
        self::assertEqualsWithDelta(
            ($start * 30 + 24) / ($start + 1),
            self::learn([[24, 0.35, 0]], 30)->interval,
            1e-9,
            'the start has begun to fade; patchy is one fouling',
        );
    }

    public function test_a_start_that_was_far_off_is_forgotten(): void
    {
        $learned = self::learn(array_fill(0, 40, [25, 0.35, 0]), 200);
        self::assertEqualsWithDelta(25, $learned->interval, 2.0);
    }

    public function test_a_clogged_filter_is_held_at_half(): void
    {
        $learned = self::learn([[10, 0.85, 0]]);

        self::assertSame(45.0, $learned->interval);
        self::assertSame(Limit::Halved, $learned->lastStep?->limit);
        self::assertLessThan(45, $learned->lastStep->evidence);
    }

    public function test_what_was_left_in_place_is_not_counted_as_new(): void
    {
        $cleaned = self::learn([[30, 0.35, 0], [30, 0.35, 0]], 30);
        $onlyLooked = self::learn([[30, 0.35, 0.35], [30, 0.35, 0]], 30);

        self::assertEqualsWithDelta(30, $cleaned->interval, 1e-9);
        self::assertGreaterThan(30, $onlyLooked->interval, 'the second opening found nothing new');
    }

    public function test_an_opening_without_uses_changes_only_what_is_left(): void
    {
        $plain = self::learn([[30, 0.6, 0.6]], 30);
        $again = self::learn([[30, 0.6, 0.6], [0, 0.6, 0]], 30);

        self::assertSame($plain->interval, $again->interval);
        self::assertSame([$plain->alpha, $plain->beta], [$again->alpha, $again->beta]);
        self::assertSame(1, $again->openings);
    }

    public function test_fractions_are_clipped_to_the_greatest(): void
    {
        self::assertSame(self::learn([[90, 0.95, 0]])->alpha, self::learn([[90, 1.0, 0]])->alpha);
    }

    /** @return iterable<string, array{float, float, Limit}> */
    public static function bounds(): iterable
    {
        yield 'never longer' => [100, 0.0, Limit::Most];
        yield 'never shorter' => [1, 0.95, Limit::Least];
    }

    #[DataProvider('bounds')]
    public function test_it_stays_within_its_bounds(float $uses, float $found, Limit $limit): void
    {
        $learned = self::learn([[$uses, $found, 0]], 90, 60, 120);

        self::assertSame(Limit::Most === $limit ? 120.0 : 60.0, $learned->interval);
        self::assertSame($limit, $learned->lastStep?->limit);
    }

    public function test_the_start_is_clipped_into_the_bounds_first(): void
    {
        self::assertSame(40.0, self::learn([], 400, 7, 40)->interval);
    }

    public function test_dirtier_findings_never_lengthen_the_interval(): void
    {
        $this->forAll(
            Generator\seq(Generator\tuple(Generator\choose(1, 200), Generator\choose(0, 100))),
            Generator\choose(0, 100),
            Generator\choose(0, 100),
            Generator\choose(1, 200),
        )
            ->then(static function (array $past, int $a, int $b, int $uses): void {
                $openings = array_map(static fn (array $o): array => [(float) $o[0], $o[1] / 100, 0.0], array_slice($past, 0, 12));
                $cleaner = self::learn([...$openings, [$uses, min($a, $b) / 100, 0]]);
                $dirtier = self::learn([...$openings, [$uses, max($a, $b) / 100, 0]]);
                self::assertLessThanOrEqual($cleaner->interval + 1e-9, $dirtier->interval);
            });
    }

    public function test_one_opening_never_more_than_doubles_or_halves_and_the_window_holds_the_interval(): void
    {
        $this->forAll(Generator\seq(Generator\tuple(Generator\choose(0, 400), Generator\choose(0, 100), Generator\choose(0, 100))))
            ->then(static function (array $past): void {
                $observations = array_map(
                    static fn (array $o): Observation => new Observation($o[0], Fraction::of($o[1] / 100), Fraction::of($o[2] / 100)),
                    array_slice($past, 0, 30),
                );
                $clock = new Clock('days', 90, 7, 365, 1, 0, $observations);
                $learner = new IntervalLearner(self::handbook()->rhythmModel());
                $learned = $learner->learn($clock);
                $before = 90.0;
                foreach ($learner->steps($clock) as $step) {
                    self::assertSame($before, $step->before);
                    $before = $step->after;
                    self::assertLessThanOrEqual(2 * $step->before + 1e-9, $step->after);
                    self::assertGreaterThanOrEqual($step->before / 2 - 1e-9, $step->after);
                }
                self::assertSame($before, $learned->interval);
                self::assertTrue(
                    7 <= $learned->earliest
                        && $learned->earliest <= $learned->interval
                        && $learned->interval <= $learned->latest
                        && $learned->latest <= 365,
                );
            });
    }
}
