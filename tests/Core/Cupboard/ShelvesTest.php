<?php

declare(strict_types=1);

namespace Tests\Core\Cupboard;

use GoodRinse\Core\Chemistry\Interlock;
use GoodRinse\Core\Chemistry\VesselState;
use GoodRinse\Core\Cupboard\Shelves;
use GoodRinse\Core\Cupboard\Substitutes;
use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Handbook\Procedure\Amount;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use GoodRinse\Core\Simulation\Dice;
use Tests\Core\CoreTestCase;

/** What stands beside what, and what may stand in for what. */
final class ShelvesTest extends CoreTestCase
{
    public function test_nothing_dangerous_together_stands_on_one_shelf_and_what_is_harsh_stands_highest(): void
    {
        $rules = $this->handbook()->chemistry();
        $all = array_keys($rules->agents);
        $dice = new Dice(91);
        for ($i = 0; $i < 200; ++$i) {
            $some = array_values(array_filter($all, static fn (): bool => $dice->uniform() < 0.5));
            $shelves = (new Shelves($rules))->of($some);
            $placed = array_merge(...$shelves);
            sort($placed);
            sort($some);
            self::assertSame($some, $placed, 'each stands somewhere, and once');
            $high = true;
            foreach ($shelves as $shelf) {
                $harsh = array_filter($shelf, static fn (string $agent): bool => $rules->agent($agent)->harsh);
                self::assertContains(count($harsh), [0, count($shelf)]);
                self::assertTrue($high || [] === $harsh, 'nothing harsh below what is not');
                $high = [] !== $harsh;
                foreach ($shelf as $n => $one) {
                    foreach (array_slice($shelf, $n + 1) as $other) {
                        self::assertFalse($rules->isDanger($one, $other), "$one beside $other");
                    }
                }
            }
        }
        self::assertSame([], (new Shelves($rules))->of([]));
    }

    public function test_what_stands_in_takes_away_the_same_lime_and_is_no_worse_where_it_goes(): void
    {
        $handbook = $this->handbook();
        [$rules, $model] = [$handbook->chemistry(), $handbook->doseModel()];
        [$doses, $interlock] = [new Descaling($model), new Interlock($rules)];
        $substitutes = new Substitutes($model, $rules);
        $dice = new Dice(92);
        $found = 0;
        for ($i = 0; $i < 200; ++$i) {
            $strength = [4.0, 5.0, 6.0][$dice->between(0, 2)];
            $strengths = ['white-vinegar' => $strength, 'coloured-vinegar' => $strength];
            $ml = (float) $dice->between(50, 1000);
            $surfaces = array_values(array_filter(array_keys($rules->surfaces), static fn (): bool => $dice->uniform() < 0.3));
            $vessel = (string) array_keys($rules->vessels)[$dice->between(0, count($rules->vessels) - 1)];
            $state = new VesselState($vessel, $surfaces);
            $amount = new Amount('white-vinegar', Portion::of($ml, PortionUnit::Millilitres), $vessel, strength: $strength);
            $worst = $interlock->assess($state, 'white-vinegar')->verdict->severity();
            foreach ($substitutes->of($amount, $state, true, $strengths) as $agent => $portion) {
                ++$found;
                self::assertNotSame('white-vinegar', $agent);
                self::assertLessThanOrEqual($worst, $interlock->assess($state, $agent)->verdict->severity());
                self::assertEqualsWithDelta(
                    $doses->capacityOfVolume('white-vinegar', $ml, $strength),
                    PortionUnit::Grams === $portion->unit
                        ? $doses->capacityOfGrams($agent, $portion->count)
                        : $doses->capacityOfVolume($agent, $portion->count, $strength),
                    1e-6,
                );
            }
        }
        self::assertGreaterThan(200, $found);
        $plastic = new VesselState('tub', ['plastic']);
        $recipe = new Amount('white-vinegar', Portion::of(240, PortionUnit::Millilitres), 'tub');
        self::assertArrayNotHasKey('coloured-vinegar', $substitutes->of($recipe, $plastic, true), 'it stains plastic');
        $bleach = new Amount('chlorine-bleach', Portion::of(60, PortionUnit::Millilitres), 'tub');
        self::assertSame([], $substitutes->of($bleach, $plastic, true), 'nothing is an acid for bleach');
    }
}
