<?php

declare(strict_types=1);

namespace Tests\Core\Rhythm;

use GoodRinse\Core\Rhythm\InvalidClock;
use GoodRinse\Core\Rhythm\Learning\GammaQuantile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GammaQuantileTest extends TestCase
{
    /** @return iterable<array{float, float, float}> reference values computed with R 4.2 qgamma */
    public static function references(): iterable
    {
        yield [0.1, 1.0, 0.1053605156578263];
        yield [0.9, 1.0, 2.3025850929940459];
        yield [0.1, 1.5, 0.2921871870775917];
        yield [0.9, 1.5, 3.1256943155851618];
        yield [0.1, 2.3, 0.6925461103090464];
        yield [0.9, 2.3, 4.3301911580022887];
        yield [0.9, 7.0, 10.532072106498529];
        yield [0.1, 20.0, 14.52526146527276];
        yield [0.1, 45.0, 36.64554524102410];
        yield [0.9, 45.0, 53.78250426969639];
    }

    #[DataProvider('references')]
    public function test_it_agrees_with_an_independent_computation(float $p, float $shape, float $expected): void
    {
        self::assertEqualsWithDelta(1, GammaQuantile::at($p, $shape, 1) / $expected, 1e-12);
        self::assertEqualsWithDelta($expected / 30, GammaQuantile::at($p, $shape, 30), 1e-12 * $expected);
    }

    public function test_it_refuses_what_is_no_probability(): void
    {
        $this->expectException(InvalidClock::class);
        GammaQuantile::at(1.0, 2, 1);
    }
}
