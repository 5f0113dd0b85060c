<?php

declare(strict_types=1);

namespace Tests\Core\Cupboard;

use GoodRinse\Core\Cupboard\Cost\Cost;
use GoodRinse\Core\Cupboard\Cost\CostKind;
use GoodRinse\Core\Cupboard\Cost\CostTotal;
use GoodRinse\Core\Cupboard\Cost\PriceBook;
use GoodRinse\Core\Cupboard\Cost\Replacement;
use GoodRinse\Core\Cupboard\Cost\Saving;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\TestCase;

/** What care costs, and whether it pays. */
final class CostTest extends TestCase
{
    private static function bought(int $order, string $day, float $ml, ?float $price, ?string $currency = null): Entry
    {
        return new Entry("e$order", $order, new \DateTimeImmutable($day), new Purchase(
            'vinegar',
            Portion::of($ml, PortionUnit::Millilitres),
            2,
            $price,
            null,
            $currency,
        ));
    }

    public function test_what_is_poured_costs_what_it_was_bought_for_last(): void
    {
        $supplies = ['vinegar' => new Supply('vinegar', PortionUnit::Millilitres, [1000.0])];
        $prices = PriceBook::of($supplies, [
            self::bought(2, '2026-06-01', 500, 4.0, '€'),
            self::bought(1, '2026-01-01', 1000, 2.0),
            self::bought(3, '2026-07-01', 500, null, '€'),
            self::bought(4, '2026-08-01', 500, 60.0, 'kr'),
        ], '€');
        self::assertSame(0.001, $prices->at('vinegar', new \DateTimeImmutable('2026-05-31')));
        self::assertSame(0.004, $prices->at('vinegar', new \DateTimeImmutable('2026-09-01')));
        self::assertSame(0.001, $prices->at('vinegar', new \DateTimeImmutable('2025-01-01')), 'before the first, as the first');
        self::assertSame(0.004, $prices->last('vinegar'));
        self::assertNull($prices->last('soda'));
        self::assertSame(1, $prices->others, 'another money is not added up with this one');
    }

    public function test_every_way_of_adding_up_comes_to_the_same(): void
    {
        $dice = new Dice(93);
        for ($i = 0; $i < 100; ++$i) {
            $costs = [];
            for ($n = $dice->between(0, 30); $n > 0; --$n) {
                $costs[] = new Cost(
                    2020 + $dice->between(0, 4),
                    'm'.$dice->between(1, 3),
                    't'.$dice->between(0, 3),
                    CostKind::cases()[$dice->between(0, 5)],
                    $dice->uniform() < 0.2 ? null : $dice->uniform() * 50,
                    "e$n",
                );
            }
            $all = CostTotal::of($costs);
            self::assertEqualsWithDelta($all->money, array_sum($all->byKind), 1e-6);
            foreach ([
                static fn (Cost $cost): int => $cost->year,
                static fn (Cost $cost): string => $cost->machine,
                static fn (Cost $cost): string => $cost->machine.$cost->task,
            ] as $by) {
                $sums = CostTotal::by($costs, $by);
                $money = array_map(static fn (CostTotal $sum): float => $sum->money, $sums);
                self::assertEqualsWithDelta($all->money, array_sum($money), 1e-6);
                self::assertSame($all->unpriced, array_sum(array_map(static fn (CostTotal $sum): int => $sum->unpriced, $sums)));
                self::assertSame($all->count, array_sum(array_map(static fn (CostTotal $sum): int => $sum->count, $sums)));
            }
        }
    }

    public function test_a_repair_pays_as_long_as_its_years_cost_less_than_those_of_a_new_one(): void
    {
        $machine = new Replacement(600.0, 8.0, 3.0, 200.0, 5 * 365.25);
        self::assertSame([75.0, 225.0, 40.0], [$machine->newPerYear(), $machine->mostForRepair(), $machine->repairsPerYear()]);
        self::assertNull((new Replacement(600.0, 8.0, 3.0, 200.0, null))->repairsPerYear());
        $saving = new Saving(3, 120.0, 12.0);
        self::assertSame([348.0, 168.0], [$saving->most(), $saving->least()]);
        self::assertLessThan(0.0, (new Saving(1, 10.0, 30.0))->least(), 'it can cost more than a call');
    }
}
