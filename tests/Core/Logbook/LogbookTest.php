<?php

declare(strict_types=1);

namespace Tests\Core\Logbook;

use Eris\Generator;
use Eris\TestTrait;
use GoodRinse\Core\Logbook\EffectiveEntries;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Payload\Check;
use GoodRinse\Core\Logbook\Payload\Clearing;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Logbook\Payload\PartNeed;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Reversal;
use GoodRinse\Core\Logbook\Payload\UseCount;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

final class LogbookTest extends CoreTestCase
{
    use TestTrait;

    private static function note(string $id, int $order, ?string $voids = null): Entry
    {
        return new Entry(
            $id,
            $order,
            new \DateTimeImmutable("@$order"),
            null === $voids ? new Note($id) : new Reversal(Reversal::UNDO),
            $voids,
        );
    }

    /** @param list<Entry> $entries */
    private static function kept(array $entries): string
    {
        return implode(',', array_map(static fn (Entry $entry): string => $entry->id, EffectiveEntries::among($entries)));
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
        yield [new UseCount('loads', 2)];
        yield [new Check('lock-test', 'holds', true)];
        yield [new PartNeed('seal', PartNeed::ORDERED, 'DR-204', 'by post')];
        yield [new PartFitted('seal', 19.5)];
        yield [new PartFitted('cartridge')];
        yield [new Note('Ein Zettel, mit Umlaut: ä')];
        yield [new Reversal(Reversal::CORRECTION)];
    }

    #[DataProvider('payloads')]
    public function test_every_payload_is_read_back_as_it_was_written(Payload $payload): void
    {
        $json = json_decode(json_encode($payload->toArray(), JSON_THROW_ON_ERROR), true, 8, JSON_THROW_ON_ERROR);
        self::assertIsArray($json);
        self::assertEquals($payload, $payload->kind()->decode($json));
    }

    /** @return iterable<array{EntryKind, array<string, mixed>}> */
    public static function malformed(): iterable
    {
        yield [EntryKind::Opening, ['task' => 'filter', 'found' => 1.5, 'left' => 0, 'how' => 'grade']];
        yield [EntryKind::Opening, ['task' => 'filter', 'found' => 0.5, 'how' => 'grade']];
        yield [EntryKind::Dose, ['agent' => 'dish-soap', 'vessel' => 'sink', 'ml' => -3]];
        yield [EntryKind::Dose, ['agent' => 7, 'vessel' => 'sink', 'ml' => 3]];
        yield [EntryKind::Counter, ['unit' => 'loads', 'uses' => 0]];
        yield [EntryKind::PartNeed, ['part' => 'seal', 'stage' => 'lost']];
        yield [EntryKind::PartFitted, ['part' => 'seal', 'price' => -1]];
        yield [EntryKind::Note, ['text' => '   ']];
        yield [EntryKind::Note, ['text' => str_repeat('x', 2001)]];
    }

    /** @param array<string, mixed> $data */
    #[DataProvider('malformed')]
    public function test_malformed_payloads_are_refused(EntryKind $kind, array $data): void
    {
        $this->expectException(MalformedEntry::class);
        $kind->decode($data);
    }
}
