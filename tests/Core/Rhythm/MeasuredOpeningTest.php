<?php

declare(strict_types=1);

namespace Tests\Core\Rhythm;

use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\Learning\IntervalLearner;
use GoodRinse\Core\Rhythm\Learning\Observation;
use Tests\Core\CoreTestCase;

/** What was counted or measured weighs more than what was judged by eye. */
final class MeasuredOpeningTest extends CoreTestCase
{
    private static function interval(bool ...$measured): float
    {
        $observations = array_map(
            static fn (bool $each): Observation => new Observation(60.0, Fraction::of(0.5), Fraction::none(), $each),
            array_values($measured),
        );

        return (new IntervalLearner(self::handbook()->rhythmModel()))->learn(new Clock(
            unit: Clock::DAYS,
            start: 60.0,
            least: 7.0,
            most: 365.0,
            rate: 1.0,
            elapsed: 0.0,
            observations: $observations,
        ))->interval;
    }

    public function test_a_count_moves_the_interval_further_than_a_glance(): void
    {
        self::assertLessThan(self::interval(false), self::interval(true));
        self::assertLessThan(self::interval(false, false), self::interval(false, true));
    }

    public function test_the_weight_is_the_handbook_s(): void
    {
        $foulings = log(0.5) / log(1 - self::handbook()->rhythmModel()->cleanBy);
        $prior = 0.5 ** (1 / self::handbook()->rhythmModel()->memory);

        self::assertSame(1.5, self::handbook()->rhythmModel()->measuredWeight);
        self::assertEqualsWithDelta(($prior * 60 + 1.5 * 60) / ($prior + 1.5 * $foulings), self::interval(true), 1e-9);
    }
}
