<?php

declare(strict_types=1);

namespace Tests\Core\Cupboard;

use GoodRinse\Core\Cupboard\Lot;
use GoodRinse\Core\Cupboard\Stock;
use GoodRinse\Core\Cupboard\StockLedger;
use GoodRinse\Core\Handbook\Chemistry\Supply;
use GoodRinse\Core\Logbook\EffectiveEntries;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Reversal;
use GoodRinse\Core\Logbook\Payload\Stock\Disposal;
use GoodRinse\Core\Logbook\Payload\Stock\Purchase;
use GoodRinse\Core\Logbook\Payload\Stock\StockLook;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use GoodRinse\Core\Simulation\Dice;
use PHPUnit\Framework\TestCase;

/** Nothing comes from nowhere and nothing goes astray, whatever is written, taken back, and in whatever order it arrives. */
final class StockLawsTest extends TestCase
{
    private static function supply(): Supply
    {
        return new Supply('soda', PortionUnit::Grams, [500.0], 0.95);
    }

    private static function entry(Dice $dice, int $order, Payload $payload, ?string $voids = null): Entry
    {
        $at = (new \DateTimeImmutable('2026-01-01'))->modify(sprintf('+%d hours', $dice->between(0, 4000)));

        return new Entry("e$order", $order, $at, $payload, $voids);
    }

    private static function payload(Dice $dice): Payload
    {
        $unit = $dice->uniform() < 0.5 ? PortionUnit::Grams : PortionUnit::Millilitres;
        $portion = Portion::of((float) $dice->between(1, 400), $unit);

        return match ($dice->between(0, 5)) {
            0 => new Purchase('soda', $portion, $dice->between(1, 3)),
            1 => new StockLook('soda', $portion),
            2 => new Disposal('soda', $portion),
            default => new Dose('soda', 'sink', $portion),
        };
    }

    /** @param list<Entry> $entries */
    private static function stock(array $entries): Stock
    {
        return (new StockLedger(['soda' => self::supply()]))->of($entries)['soda'];
    }

    public function test_what_came_in_and_went_out_is_what_is_there(): void
    {
        $dice = new Dice(61);
        for ($i = 0; $i < 300; ++$i) {
            $entries = [];
            for ($n = 0; $n < 12; ++$n) {
                $entries[] = self::entry($dice, $n, self::payload($dice));
            }
            $stock = self::stock($entries);
            self::assertEqualsWithDelta(
                $stock->level,
                $stock->bought + $stock->found - $stock->used - $stock->gone - $stock->lost,
                1e-6,
            );
            self::assertGreaterThanOrEqual(0.0, $stock->level);
            $lots = array_map(static fn (Lot $lot): float => $lot->amount, $stock->lots);
            self::assertEqualsWithDelta($stock->level, array_sum($lots), 1e-6, 'what is there is what is left of each purchase');
            self::assertEquals($stock, self::stock(array_reverse($entries)), 'in whatever order they arrive');
            $bought = array_sum(array_map(static fn (Entry $entry): float => $entry->payload instanceof Purchase
                ? (float) self::supply()->inUnit($entry->payload->all()) : 0.0, $entries));
            self::assertEqualsWithDelta($bought, $stock->bought, 1e-6);
        }
    }

    public function test_an_entry_taken_back_gives_back_as_if_it_had_never_been(): void
    {
        $dice = new Dice(62);
        for ($i = 0; $i < 100; ++$i) {
            $entries = array_map(static fn (int $n): Entry => self::entry($dice, $n, self::payload($dice)), range(0, 9));
            $gone = $dice->between(0, 9);
            $voided = [...$entries, self::entry($dice, 10, new Reversal(Reversal::UNDO), "e$gone")];
            $without = array_values(array_filter($entries, static fn (Entry $entry): bool => "e$gone" !== $entry->id));
            self::assertEquals(self::stock($without), self::stock(EffectiveEntries::among($voided)));
        }
    }

    public function test_what_is_never_bought_is_used_all_the_same_and_is_not_known(): void
    {
        $poured = new Dose('soda', 'tub', Portion::of(100, PortionUnit::Millilitres));
        $dose = new Entry('a', 1, new \DateTimeImmutable('2026-01-01'), $poured);
        $stock = self::stock([$dose]);
        self::assertFalse($stock->isKnown());
        self::assertSame([95.0, 95.0, 0.0], [$stock->used, $stock->found, $stock->level]);
        $pieces = new Entry('b', 2, new \DateTimeImmutable('2026-01-02'), new Dose('soda', 'tub', Portion::of(1, PortionUnit::Pieces)));
        self::assertEquals($stock, self::stock([$dose, $pieces]), 'pieces of soda say nothing in grams');
    }

    public function test_doubt_grows_with_what_is_poured_and_a_look_ends_it(): void
    {
        $at = new \DateTimeImmutable('2026-01-01');
        $stock = (new Stock(self::supply()))->buy(1000, $at)->pour(100, $at)->pour(100, $at);
        self::assertGreaterThan(0.0, $stock->doubt());
        self::assertLessThan(200.0 * 0.15, $stock->doubt(), 'errors even out');
        self::assertSame(0.0, $stock->look(750, $at)->doubt());
        self::assertSame(50.0, $stock->look(750, $at)->lost);
    }

    public function test_what_is_taken_next_is_the_oldest_and_tells_how_strong_it_still_is(): void
    {
        $bleach = new Supply('bleach', PortionUnit::Millilitres, [1000.0], 1.0, 0.2, 12, 3);
        $at = new \DateTimeImmutable('2026-01-01');
        $later = $at->modify('+6 months');
        $stock = (new Stock($bleach))->buy(1000, $at)->buy(1000, $later);
        self::assertEqualsWithDelta(0.8, $stock->freshness($later)->strength ?? 0.0, 0.01);
        self::assertFalse($stock->freshness($later)?->isPast, 'it is shut, and keeps a year');
        $opened = $stock->pour(10, $at->modify('+1 month'));
        self::assertTrue($opened->freshness($later)?->isPast, 'three months after it was opened it is not relied on');
        $second = $opened->pour(990, $later);
        self::assertEquals($later, $second->freshness($later)?->boughtAt, 'the first is empty');
        self::assertEqualsWithDelta(1.0, $second->freshness($later)->strength, 1e-9);
        self::assertNull((new Stock($bleach))->look(300, $at)->freshness($later), 'nobody knows how old that is');
        self::assertNull((new Stock(self::supply()))->buy(300, $at)->freshness($later), 'soda keeps');
    }

    public function test_a_part_is_taken_by_fitting_it_into_its_own_machine(): void
    {
        $ids = ['a' => Supply::partId('M1', 'filter'), 'b' => Supply::partId('M2', 'filter')];
        $supplies = [$ids['a'] => Supply::ofPart('M1', 'filter'), $ids['b'] => Supply::ofPart('M2', 'filter')];
        $at = new \DateTimeImmutable('2026-01-01');
        $stocks = (new StockLedger($supplies))->of([
            new Entry('1', 1, $at, new Purchase($ids['a'], Portion::of(2, PortionUnit::Pieces))),
            new Entry('2', 2, $at, new PartFitted('filter')),
            new Entry('3', 3, $at, new PartFitted('filter')),
        ], ['2' => 'M1', '3' => 'M2']);
        self::assertSame([1.0, 1.0, 0.0], [$stocks[$ids['a']]->level, $stocks[$ids['a']]->used, $stocks[$ids['a']]->doubt()]);
        self::assertSame([0.0, 1.0, 1.0], [$stocks[$ids['b']]->level, $stocks[$ids['b']]->used, $stocks[$ids['b']]->found]);
    }
}
