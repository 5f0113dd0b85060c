<?php

declare(strict_types=1);

namespace Tests\Core\Logbook;

use Eris\Generator;
use Eris\TestTrait;
use GoodRinse\Core\Logbook\Check;
use GoodRinse\Core\Logbook\Clearing;
use GoodRinse\Core\Logbook\Counter;
use GoodRinse\Core\Logbook\Dose;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\EntryKind;
use GoodRinse\Core\Logbook\HistoryBuilder;
use GoodRinse\Core\Logbook\InForce;
use GoodRinse\Core\Logbook\MalformedEntry;
use GoodRinse\Core\Logbook\Note;
use GoodRinse\Core\Logbook\Opening;
use GoodRinse\Core\Logbook\Payload;
use GoodRinse\Core\Logbook\PayloadCodec;
use GoodRinse\Core\Logbook\UseTally;
use GoodRinse\Core\Logbook\Voiding;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LogbookTest extends TestCase
{
    use TestTrait;

    private static function note(string $id, int $order, ?string $voids = null): Entry
    {
        return new Entry($id, $order, new \DateTimeImmutable("@$order"), null === $voids ? new Note($id) : new Voiding(Voiding::UNDO), $voids);
    }

    /** @param list<Entry> $entries */
    private static function kept(array $entries): string
    {
        return implode(',', array_map(static fn (Entry $entry): string => $entry->id, InForce::among($entries)));
    }

    public function test_an_undo_takes_out_and_undoing_it_brings_back(): void
    {
        $entries = [self::note('a', 1), self::note('b', 2)];
        self::assertSame('a,b', self::kept($entries));
        $entries[] = self::note('v', 3, 'a');
        self::assertSame('b', self::kept($entries));
        $entries[] = self::note('w', 4, 'v');
        self::assertSame('a,b', self::kept($entries));
        $entries[] = self::note('x', 5, 'w');
        self::assertSame('b', self::kept($entries));
    }

    public function test_a_chain_of_undos_keeps_the_entry_exactly_when_it_is_even_and_order_of_reading_is_no_matter(): void
    {
        $this->forAll(Generator\choose(0, 12), Generator\choose(1, 1000))->then(static function (int $undos, int $seed): void {
            $chain = [self::note('n0', 0)];
            for ($i = 1; $i <= $undos; ++$i) {
                $chain[] = self::note("n$i", $i, 'n'.($i - 1));
            }
            mt_srand($seed);
            shuffle($chain);
            self::assertSame(0 === $undos % 2 ? 'n0' : '', self::kept($chain));
        });
    }

    /** @return iterable<array{Payload}> */
    public static function payloads(): iterable
    {
        yield [new Opening('filter', Fraction::of(0.35), Fraction::none())];
        yield [new Opening('filter', null, Fraction::none(), Opening::AS_TOLD)];
        yield [new Dose('dish-soap', 'sink', Portion::of(15, PortionUnit::Millilitres))];
        yield [new Dose('white-vinegar', 'tub', Portion::of(240, PortionUnit::Millilitres), 5.0)];
        yield [new Dose('chlorine-bleach', 'tub', null)];
        yield [new Clearing('sink', 'rinse')];
        yield [new Counter('loads', 2)];
        yield [new Check('lock-test', 'holds', true)];
        yield [new Note('Ein Zettel, mit Umlaut: ä')];
        yield [new Voiding(Voiding::CORRECTION)];
    }

    #[DataProvider('payloads')]
    public function test_every_payload_is_read_back_as_it_was_written(Payload $payload): void
    {
        $json = json_decode(json_encode($payload->toArray(), JSON_THROW_ON_ERROR), true, 8, JSON_THROW_ON_ERROR);
        self::assertIsArray($json);
        self::assertEquals($payload, PayloadCodec::decode($payload->kind(), $json));
    }

    /** @return iterable<array{EntryKind, array<string, mixed>}> */
    public static function malformed(): iterable
    {
        yield [EntryKind::Opening, ['task' => 'filter', 'found' => 1.5, 'left' => 0, 'how' => 'grade']];
        yield [EntryKind::Opening, ['task' => 'filter', 'found' => 0.5, 'how' => 'grade']];
        yield [EntryKind::Dose, ['agent' => 'dish-soap', 'vessel' => 'sink', 'ml' => -3]];
        yield [EntryKind::Dose, ['agent' => 7, 'vessel' => 'sink', 'ml' => 3]];
        yield [EntryKind::Counter, ['unit' => 'loads', 'uses' => 0]];
        yield [EntryKind::Note, ['text' => '   ']];
        yield [EntryKind::Note, ['text' => str_repeat('x', 2001)]];
    }

    /** @param array<string, mixed> $data */
    #[DataProvider('malformed')]
    public function test_malformed_payloads_are_refused(EntryKind $kind, array $data): void
    {
        $this->expectException(MalformedEntry::class);
        PayloadCodec::decode($kind, $data);
    }

    public function test_uses_are_counted_between_openings_and_estimated_before_counting_began(): void
    {
        $zone = new \DateTimeZone('Europe/Stockholm');
        $at = static fn (string $time): int => (new \DateTimeImmutable($time, $zone))->getTimestamp();
        $tally = new UseTally([[$at('2026-05-10 20:00'), 1], [$at('2026-05-11 20:00'), 2], [$at('2026-05-12 20:00'), 1]], $zone, 0.5);

        self::assertSame(3.0, $tally->between($at('2026-05-10 21:00'), $at('2026-05-12 21:00')));
        self::assertSame(0.5 * 9 + 1, $tally->between($at('2026-05-01 12:00'), $at('2026-05-10 20:00')), 'nine days by habit, then one counted');
        $days = $tally->byDay(Day::of('2026-05-11'));
        self::assertSame(2.0, $days[Day::of('2026-05-11')->number]);
        self::assertCount(2, $days);
    }

    public function test_a_history_counts_days_by_the_household_calendar_and_ignores_what_is_still_to_come(): void
    {
        $zone = new \DateTimeZone('Europe/Stockholm');
        $opening = static fn (string $id, int $order, string $at, float $found): Entry => new Entry($id, $order, new \DateTimeImmutable($at, $zone), new Opening('filter', Fraction::of($found), Fraction::none()));
        $entries = [
            $opening('a', 1, '2026-03-01 23:50', 0.35),
            $opening('b', 2, '2026-04-01 00:10', 0.1),
            $opening('later', 3, '2026-06-01 00:10', 0.6),
        ];
        $history = (new HistoryBuilder($zone, 120, Fraction::of(0.85)))->build(InForce::among($entries), new UseTally([], $zone, 1.0), new \DateTimeImmutable('2026-04-11 12:00', $zone), new \DateTimeImmutable('2026-02-01', $zone))->task('filter');

        self::assertSame([0, 31], array_column($history->openings, 'days'));
        self::assertSame([0.0, 31.0], array_column($history->openings, 'uses'));
        self::assertSame(10.0, $history->usesSince);
        self::assertSame('b', $history->last()?->entry);
    }

    public function test_uses_add_up_over_any_days_between(): void
    {
        $zone = new \DateTimeZone('Europe/Stockholm');
        $this->forAll(Generator\seq(Generator\tuple(Generator\choose(0, 8_000_000), Generator\choose(1, 3))), Generator\choose(0, 8_000_000), Generator\choose(0, 8_000_000), Generator\choose(0, 8_000_000))
            ->then(static function (array $counts, int $a, int $b, int $c) use ($zone): void {
                usort($counts, static fn (array $x, array $y): int => $x[0] <=> $y[0]);
                $tally = new UseTally(array_map(static fn (array $count): array => [1_780_000_000 + $count[0], (float) $count[1]], $counts), $zone, 0.7);
                $at = [1_780_000_000 + $a, 1_780_000_000 + $b, 1_780_000_000 + $c];
                sort($at);
                self::assertEqualsWithDelta($tally->between($at[0], $at[2]), $tally->between($at[0], $at[1]) + $tally->between($at[1], $at[2]), 1e-9);
                self::assertGreaterThanOrEqual(0, $tally->between($at[0], $at[1]));
            });
    }
}
