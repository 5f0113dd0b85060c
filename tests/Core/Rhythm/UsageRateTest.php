<?php

declare(strict_types=1);

namespace Tests\Core\Rhythm;

use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\UsageRate;
use Tests\Core\CoreTestCase;

final class UsageRateTest extends CoreTestCase
{
    private static function rate(array $usesByAge, ?int $countedDays, float $declared = 0.7): float
    {
        $today = Day::of('2026-06-30');
        $uses = [];
        foreach ($usesByAge as $age => $count) {
            $uses[$today->plus(-$age)->number] = (float) $count;
        }

        return (new UsageRate(self::handbook()->rhythmModel()))->perDay($uses, null === $countedDays ? null : $today->plus(1 - $countedDays), $today, $declared);
    }

    public function test_the_declared_habit_stands_until_fourteen_days_are_counted(): void
    {
        self::assertSame(0.7, self::rate([], null));
        self::assertSame(0.7, self::rate([0 => 3, 12 => 3], 13));
        self::assertNotSame(0.7, self::rate([0 => 3, 13 => 3], 14));
    }

    public function test_even_use_gives_its_own_rate(): void
    {
        self::assertEqualsWithDelta(2, self::rate(array_fill(0, 60, 2), 60), 1e-12);
    }

    public function test_newer_days_weigh_more(): void
    {
        $expected = static fn (int $age): float => 0.5 ** ($age / 30) / array_sum(array_map(static fn (int $a): float => 0.5 ** ($a / 30), range(0, 59)));

        self::assertEqualsWithDelta($expected(0), self::rate([0 => 1], 60), 1e-12);
        self::assertEqualsWithDelta($expected(30), self::rate([30 => 1], 60), 1e-12);
    }

    public function test_what_lies_further_back_than_the_window_is_forgotten(): void
    {
        self::assertSame(0.0, self::rate([120 => 50], 400));
        self::assertGreaterThan(0, self::rate([119 => 50], 400));
    }
}
