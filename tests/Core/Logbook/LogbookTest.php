<?php

declare(strict_types=1);

namespace Tests\Core\Logbook;

use Eris\Generator;
use Eris\TestTrait;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\EffectiveEntries;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\HistoryBuilder;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Logbook\Payload\Check;
use GoodRinse\Core\Logbook\Payload\Clearing;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\IndicatorLight;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\MeterTotal;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Reversal;
use GoodRinse\Core\Logbook\Payload\Snooze;
use GoodRinse\Core\Logbook\Payload\Symptom;
use GoodRinse\Core\Logbook\Payload\UseCount;
use GoodRinse\Core\Logbook\SymptomRecord;
use GoodRinse\Core\Logbook\UseEntries;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\LocalDays;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use GoodRinse\Core\Usage\UseRecord;
use GoodRinse\Core\Usage\UseTimeline;
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

    public function test_a_history_counts_days_by_the_household_calendar_and_ignores_what_is_still_to_come(): void
    {
        $zone = new \DateTimeZone('Europe/Stockholm');
        $opening = static fn (string $id, int $order, string $at, float $found): Entry => new Entry(
            $id,
            $order,
            new \DateTimeImmutable($at, $zone),
            new Opening('filter', Fraction::of($found), Fraction::none()),
        );
        $entries = [
            $opening('a', 1, '2026-03-01 23:50', 0.35),
            $opening('b', 2, '2026-04-01 00:10', 0.1),
            $opening('later', 3, '2026-06-01 00:10', 0.6),
        ];
        $days = new LocalDays($zone);
        $now = new \DateTimeImmutable('2026-04-11 00:10', $zone);
        $use = UseTimeline::of(new UseRecord(), $days->of($now), 1.0, 6.0, self::handbook()->rhythmModel());
        $history = (new HistoryBuilder($days, Fraction::of(0.85)))->build(
            EffectiveEntries::among($entries),
            $use,
            $now,
            new \DateTimeImmutable('2026-02-01', $zone),
        )->task('filter');

        self::assertSame([0, 31], array_column($history->openings, 'days'));
        self::assertEqualsWithDelta([0.0, 30 + 1 / 72], array_column($history->openings, 'uses'), 1e-9, 'a use a day, told by nobody');
        self::assertEqualsWithDelta([10.0, 10.0], [$history->usesSince, $history->estimated], 1e-9);
        self::assertSame('b', $history->last()?->entry);
    }

    /** @return iterable<string, array{string, string}> what, and the hour it was written down */
    public static function sameDay(): iterable
    {
        yield 'put off before the job' => ['snooze', '15:00'];
        yield 'noticed before the job' => ['symptom', '15:00'];
        yield 'lit before the job' => ['light', '15:00'];
    }

    #[DataProvider('sameDay')]
    public function test_what_came_first_on_a_day_is_overtaken_by_what_came_after(string $what, string $hour): void
    {
        $zone = new \DateTimeZone('Europe/Stockholm');
        $on = static fn (string $at): \DateTimeImmutable => new \DateTimeImmutable($at, $zone);
        $says = match ($what) {
            'snooze' => new Snooze('filter', Day::of('2026-06-01'), 'no time'),
            'symptom' => new Symptom('smell', 'filter', null, null),
            default => new IndicatorLight('salt', true),
        };
        $job = new Opening('filter', Fraction::of(0.35), Fraction::none());
        $stands = static function (\DateTimeImmutable $at) use ($says, $job, $on, $zone, $hour): bool {
            $task = self::history(
                [new Entry('a', 1, $on("2026-04-01 $hour"), $says), new Entry('b', 2, $at, $job)],
                $on('2026-04-09 12:00'),
                $zone,
            );
            $history = $task->task('filter');

            return null !== $history->snooze
                || [] !== array_filter($history->symptoms, static fn (SymptomRecord $symptom): bool => !$symptom->opened)
                || [] !== array_diff(array_keys($task->lights), $history->answered);
        };
        self::assertFalse($stands($on('2026-04-01 16:00')), 'an hour later');
        self::assertTrue($stands($on('2026-04-01 14:00')), 'an hour before');
        self::assertFalse(
            $stands(DayOrder::moment(Day::of('2026-04-01'), $on('2026-04-01 17:20'), $zone)),
            'that day, written down that evening',
        );
        self::assertFalse(
            $stands(DayOrder::moment(Day::of('2026-04-01'), $on('2026-04-03 08:00'), $zone)),
            'that day, written down two days later',
        );
        self::assertTrue($stands(DayOrder::moment(Day::of('2026-03-31'), $on('2026-04-03 08:00'), $zone)), 'the day before');
    }

    public function test_a_day_without_an_hour_is_told_from_every_other_moment(): void
    {
        $zone = new \DateTimeZone('Europe/Stockholm');
        $late = new \DateTimeImmutable('2026-04-03 08:00', $zone);
        self::assertTrue(DayOrder::isWhole(DayOrder::moment(Day::of('2026-04-01'), $late, $zone), $zone));
        self::assertFalse(DayOrder::isWhole(DayOrder::moment(Day::of('2026-04-03'), $late, $zone), $zone), 'now is an hour');
        self::assertTrue(
            DayOrder::isWhole(DayOrder::moment(Day::of('2026-10-25'), new \DateTimeImmutable('2026-11-01', $zone), $zone), $zone),
            'a day of 25 hours',
        );
        self::assertSame('2026-04-01', (string) Day::at(DayOrder::earliest(Day::of('2026-04-01'), $late, $zone), $zone));
    }

    /** @param list<Entry> $entries */
    private static function history(array $entries, \DateTimeImmutable $now, \DateTimeZone $zone, float $habit = 1.0): MachineHistory
    {
        $days = new LocalDays($zone);
        $entries = EffectiveEntries::among($entries);
        $use = UseTimeline::of(
            (new UseEntries($days, 1.3))->record($entries, $now),
            $days->of($now),
            $habit,
            6.0,
            self::handbook()->rhythmModel(),
        );

        return (new HistoryBuilder($days, Fraction::of(0.85)))->build(
            $entries,
            $use,
            $now,
            new \DateTimeImmutable('2026-02-01', $zone),
            HistoryBuilder::absences($entries, $now),
        );
    }

    public function test_use_is_gathered_from_taps_numbers_told_and_counters_of_litres(): void
    {
        $zone = new \DateTimeZone('Europe/Stockholm');
        $on = static fn (string $at): \DateTimeImmutable => new \DateTimeImmutable($at, $zone);
        $days = new LocalDays($zone);
        $record = (new UseEntries($days, 1.3))->record([
            new Entry('a', 1, $on('2026-03-28 18:00'), new UseCount('brews', 2)),
            new Entry('b', 3, $on('2026-03-29 23:59:59'), new UseCount('brews', 9, 3)),
            new Entry('c', 2, $on('2026-04-01 12:00'), new UseCount('brews', 7, 7)),
            new Entry('d', 4, $on('2026-04-02 00:00'), new MeterTotal('litres', 13, 'm', 0)),
            new Entry('e', 5, $on('2026-04-02 06:00'), new MeterTotal('litres', 26, 'm', 0)),
            new Entry('f', 6, $on('2026-04-03 06:00'), new MeterTotal('litres', 39, 'm', 1)),
            new Entry('g', 7, $on('2026-05-01'), new UseCount('brews', 1)),
        ], $on('2026-04-09 12:00'));
        $day = Day::of('2026-03-28')->number;
        self::assertSame([[$day + 0.75, 2.0]], $record->taps);
        self::assertSame(
            [[$day - 2.5, $day + 4.5, 7.0], [$day - 1.0, $day + 2.0, 9.0]],
            $record->told,
            'in the order they were written down, whole days where no hour is known',
        );
        self::assertSame(['m 0' => [[$day + 5.0, 10.0], [$day + 5.25, 20.0]], 'm 1' => [[$day + 6.25, 30.0]]], $record->meters);
    }

    public function test_a_day_is_a_day_whatever_its_hours(): void
    {
        $zone = new \DateTimeZone('Europe/Stockholm');
        $days = new LocalDays($zone);
        $of = static fn (string $at): float => $days->of(new \DateTimeImmutable($at, $zone)) - Day::of('2026-03-29')->number;
        self::assertEqualsWithDelta(
            [0.0, 11 / 23, 1.0, 1.5],
            [$of('2026-03-29 00:00'), $of('2026-03-29 12:00'), $of('2026-03-30 00:00'), $of('2026-03-30 12:00')],
            1e-9,
        );
        self::assertEqualsWithDelta(210 + 13 / 25, $of('2026-10-25 12:00'), 1e-9);
        foreach (['America/Sao_Paulo', 'Pacific/Apia', 'Asia/Kathmandu', 'Africa/Casablanca', 'UTC', '+05:30'] as $name) {
            $local = new \DateTimeZone($name);
            $there = new LocalDays($local);
            for ($time = 1_199_145_600; $time < 2_300_000_000; $time += 4_321_987) {
                $moment = new \DateTimeImmutable("@$time");
                self::assertSame(Day::at($moment, $local)->number, (int) floor($there->of($moment)), "$name $time");
            }
        }
    }
}
