<?php

declare(strict_types=1);

namespace Tests\Core\Quantity;

use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\Measures;
use GoodRinse\Core\Quantity\Minutes;
use GoodRinse\Core\Quantity\QuantityOutOfRange;
use GoodRinse\Core\Quantity\Volume;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuantityTest extends TestCase
{
    /** @return iterable<array{float, string, string}> millilitres, metric, United States */
    public static function volumes(): iterable
    {
        yield [0, '0 ml', '0 tsp'];
        yield [1, '1 ml', '¼ tsp'];
        yield [2, '2 ml', '⅜ tsp'];
        yield [5, '5 ml', '1 tsp'];
        yield [10, '10 ml', '2 tsp'];
        yield [15, '15 ml', '1 tbsp'];
        yield [29.57, '30 ml', '2 tbsp'];
        yield [78.9, '80 ml', '⅓ cup'];
        yield [250, '250 ml', '1 cup'];
        yield [355, '355 ml', '1 ½ cups'];
        yield [950, '950 ml', '4 cups'];
    }

    #[DataProvider('volumes')]
    public function test_volumes_are_said_in_the_household_measures(float $ml, string $metric, string $us): void
    {
        self::assertSame($metric, Volume::ml($ml)->inKitchen(Measures::Metric));
        self::assertSame($us, Volume::ml($ml)->inKitchen(Measures::UnitedStates));
    }

    /** @return iterable<string, array{\Closure(): mixed}> */
    public static function impossible(): iterable
    {
        yield 'more than the whole' => [static fn () => Fraction::of(1.01)];
        yield 'less than nothing' => [static fn () => Fraction::of(-0.01)];
        yield 'not a number' => [static fn () => Fraction::of(NAN)];
        yield 'a negative volume' => [static fn () => Volume::ml(-1)];
        yield 'endless time' => [static fn () => Minutes::of(INF)];
    }

    /** @param \Closure(): mixed $make */
    #[DataProvider('impossible')]
    public function test_impossible_quantities_are_refused(\Closure $make): void
    {
        $this->expectException(QuantityOutOfRange::class);
        $make();
    }
}
