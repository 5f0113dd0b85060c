<?php

declare(strict_types=1);

namespace Tests\Core\Logbook;

use Eris\TestTrait;
use GoodRinse\Core\Logbook\DayOrder;
use GoodRinse\Core\Logbook\EffectiveEntries;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\HistoryBuilder;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Logbook\Payload\IndicatorLight;
use GoodRinse\Core\Logbook\Payload\MeterTotal;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\Snooze;
use GoodRinse\Core\Logbook\Payload\Symptom;
use GoodRinse\Core\Logbook\Payload\UseCount;
use GoodRinse\Core\Logbook\SymptomRecord;
use GoodRinse\Core\Logbook\UseEntries;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\LocalDays;
use GoodRinse\Core\Usage\UseRecord;
use GoodRinse\Core\Usage\UseTimeline;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

/** What entries come to: openings, uses and days. */
final class MachineHistoryTest extends CoreTestCase
{
    use TestTrait;

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
