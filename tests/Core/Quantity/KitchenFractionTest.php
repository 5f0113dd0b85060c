<?php

declare(strict_types=1);

namespace Tests\Core\Quantity;

use Eris\Generator;
use Eris\TestTrait;
use GoodRinse\Core\Quantity\KitchenFraction;
use GoodRinse\Core\Quantity\Measures;
use GoodRinse\Core\Quantity\Volume;
use PHPUnit\Framework\TestCase;

final class KitchenFractionTest extends TestCase
{
    use TestTrait;

    private const GLYPHS = [
        '⅛' => 1 / 8,
        '¼' => 1 / 4,
        '⅓' => 1 / 3,
        '⅜' => 3 / 8,
        '½' => 1 / 2,
        '⅝' => 5 / 8,
        '⅔' => 2 / 3,
        '¾' => 3 / 4,
        '⅞' => 7 / 8,
    ];

    private static function value(string $shown): float
    {
        $sum = 0.0;
        foreach (explode(' ', $shown) as $piece) {
            $sum += self::GLYPHS[$piece] ?? (float) $piece;
        }

        return $sum;
    }

    public function test_what_is_shown_is_never_more_than_a_sixteenth_off(): void
    {
        $this->forAll(Generator\choose(0, 5000))->then(static function (int $thousandths): void {
            self::assertEqualsWithDelta($thousandths / 1000, self::value(KitchenFraction::nearest($thousandths / 1000)), 1 / 16 + 1e-9);
        });
    }

    public function test_fractions_that_have_a_glyph_are_shown_exactly(): void
    {
        foreach (self::GLYPHS as $glyph => $value) {
            self::assertSame($glyph, KitchenFraction::nearest($value));
            self::assertSame("2 $glyph", KitchenFraction::nearest(2 + $value));
        }
        self::assertSame('3', KitchenFraction::nearest(2.97));
    }

    public function test_metric_amounts_round_to_five_and_never_to_nothing(): void
    {
        $this->forAll(Generator\choose(1, 4000))->then(static function (int $tenths): void {
            $ml = (int) Volume::ml($tenths / 10)->inKitchen(Measures::Metric);
            self::assertSame(0, $ml < 5 ? 0 : $ml % 5);
            self::assertGreaterThan(0, $ml);
            self::assertEqualsWithDelta($tenths / 10, $ml, 5);
        });
    }
}
