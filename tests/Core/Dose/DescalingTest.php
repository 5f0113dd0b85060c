<?php

declare(strict_types=1);

namespace Tests\Core\Dose;

use Eris\Generator;
use Eris\TestTrait;
use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Dose\NoCapacity;
use GoodRinse\Core\Quantity\Hardness;
use GoodRinse\Core\Quantity\Measures;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use GoodRinse\Core\Quantity\QuantityOutOfRange;
use Tests\Core\CoreTestCase;

final class DescalingTest extends CoreTestCase
{
    use TestTrait;

    private static function descaling(): Descaling
    {
        return new Descaling(self::handbook()->doseModel());
    }

    public function test_hardness_in_every_unit_is_the_same_water(): void
    {
        foreach ([
            'dH' => 10.0,
            'fH' => 17.848,
            'gpg' => 10.4265,
            'e' => 12.5214,
            'mg/L' => 178.48,
            'mmol/L' => 1.7832,
        ] as $unit => $value) {
            self::assertEqualsWithDelta(178.48, self::descaling()->hardness($value, $unit)->mgPerLitre, 0.05, $unit);
        }
    }

    public function test_lime_and_what_a_litre_of_vinegar_takes_away(): void
    {
        $scale = self::descaling()->scaleGrams(Hardness::mgPerLitre(12 * 17.848), 60);
        self::assertEqualsWithDelta(0.25 * 214.176 * 60 / 1000, $scale, 1e-9);
        self::assertEqualsWithDelta(0.5 * 47.5 / 60.05 * 100.09 / 2, self::descaling()->capacityOfVolume('white-vinegar', 950, 5), 1e-9);
        self::assertEqualsWithDelta(0.5 * 50 / 192.12 * 100.09 * 1.5, self::descaling()->capacityOfGrams('citric-acid', 50), 1e-9);
    }

    public function test_passes_cover_the_lime_and_are_at_least_one(): void
    {
        self::assertSame(
            [1.0, 1.0, 2.0, 2.0],
            array_map(static fn (float $scale): float => self::descaling()->passes($scale, 5), [0, 5, 5.1, 10]),
        );
    }

    public function test_brew_limit_scales_with_hardness_and_stays_within_its_bounds(): void
    {
        $limit = static fn (float $hardness, float $litres): float => self::descaling()->brewLimit(
            Hardness::mgPerLitre($hardness),
            $litres,
        );
        self::assertSame(
            [60.0, 30.0, 20.0, 120.0, 120.0],
            array_map(
                static fn (float $brews): float => round($brews, 9),
                [$limit(180, 1.3), $limit(360, 1.3), $limit(900, 1.3), $limit(50, 1.3), $limit(0, 1.3)],
            ),
        );
        self::assertSame([390.0, 130.0], [$limit(180, 0.2), $limit(900, 0.2)], 'a cup takes little water, so more of them fit');
        self::assertSame([40.0, 80.0], self::descaling()->usualBrews());
    }

    public function test_harder_water_never_allows_more_brews(): void
    {
        $this->forAll(Generator\choose(0, 900), Generator\choose(0, 900), Generator\choose(100, 2500))
            ->then(static function (int $a, int $b, int $ml): void {
                $limit = static fn (int $hardness): float => self::descaling()->brewLimit(Hardness::mgPerLitre($hardness), $ml / 1000);
                self::assertGreaterThanOrEqual($limit(max($a, $b)), $limit(min($a, $b)));
            });
    }

    public function test_it_stands_an_hour_for_much_lime_or_a_slow_pot(): void
    {
        self::assertSame([30.0, 60.0, 60.0, 30.0], [
            self::descaling()->stand(5.5)->value,
            self::descaling()->stand(5.51)->value,
            self::descaling()->stand(0, 0.25)->value,
            self::descaling()->stand(0, 0.24)->value,
        ]);
    }

    public function test_rinses_send_the_tank_through_twice(): void
    {
        self::assertSame(
            [4, 3, 2],
            [self::descaling()->rinses(1000, 500), self::descaling()->rinses(1200, 1000), self::descaling()->rinses(600, 600)],
        );
    }

    public function test_a_recipe_takes_more_of_a_weaker_vinegar_and_never_more_than_the_vessel_holds(): void
    {
        self::assertSame([250.0, 200.0, 220.0], [
            self::descaling()->recipeMl(200, 4, 1000),
            self::descaling()->recipeMl(200, 5, 1000),
            self::descaling()->recipeMl(200, 4, 220),
        ]);
    }

    public function test_only_acids_of_known_strength_have_a_capacity(): void
    {
        foreach (['dish-soap', 'limescale-remover', 'moon-dust'] as $agent) {
            try {
                self::descaling()->capacityOfVolume($agent, 100, 5);
                self::fail("$agent has a capacity");
            } catch (NoCapacity $e) {
                self::assertStringContainsString($agent, $e->getMessage());
            }
        }
        $this->expectException(NoCapacity::class);
        self::descaling()->hardness(3, 'pebbles');
    }

    public function test_kitchens_measure_what_the_recipe_says(): void
    {
        $shown = static fn (float $count, PortionUnit $unit, Measures $in): string => Portion::of($count, $unit)->inKitchen($in);
        self::assertSame(
            ['⅓ cup', '80 ml'],
            [$shown(78.9, PortionUnit::Millilitres, Measures::UnitedStates), $shown(78.9, PortionUnit::Millilitres, Measures::Metric)],
        );
        self::assertSame(['50 g', '1 ¾ oz', '2 ×', '1 g'], [
            $shown(50.2, PortionUnit::Grams, Measures::Metric),
            $shown(50, PortionUnit::Grams, Measures::UnitedStates),
            $shown(2, PortionUnit::Pieces, Measures::Metric),
            $shown(0.2, PortionUnit::Grams, Measures::Metric),
        ]);
        self::assertSame(120.0, Portion::of(240, PortionUnit::Millilitres)->times(0.5)->count);
        $this->expectException(QuantityOutOfRange::class);
        Portion::of(-1, PortionUnit::Grams);
    }
}
