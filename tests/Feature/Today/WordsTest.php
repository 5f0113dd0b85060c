<?php

declare(strict_types=1);

namespace Tests\Feature\Today;

use App\Models\Machine;
use App\View\Words\Dates;
use App\View\Words\EntryWords;
use App\View\Words\ReasonWords;
use App\View\Words\Uses;
use GoodRinse\Core\Logbook\Payload\Check;
use GoodRinse\Core\Logbook\Payload\Clearing;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\Payload\Reversal;
use GoodRinse\Core\Logbook\Payload\UseCount;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\Measures;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;
use GoodRinse\Core\Rhythm\Learning\Limit;
use GoodRinse\Core\Rhythm\Reason;
use GoodRinse\Core\Rhythm\ReasonCode;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class WordsTest extends TestCase
{
    /** @return iterable<string, array{Reason, string|null, string}> */
    public static function reasons(): iterable
    {
        $learned = static fn (float $found, float $before, float $after, Limit $limit = Limit::None): Reason => new Reason(
            ReasonCode::Learned,
            ['unit' => 'days', 'found' => $found, 'uses' => 24.0, 'before' => $before, 'after' => $after, 'limit' => $limit->value],
        );
        $clock = static fn (float $elapsed): Reason => new Reason(
            ReasonCode::ClockDecides,
            ['unit' => 'loads', 'elapsed' => $elapsed, 'interval' => 25.4],
        );
        yield 'the clock' => [$clock(31), null, '31 loads since the last check, of about 25.'];
        yield 'the clock since a day' => [$clock(1), '12 October', '1 load since 12 October, of about 25.'];
        yield 'the clock just begun' => [$clock(0), 'today', 'Checked just now. About 25 loads until it is due.'];
        yield 'learned' => [$learned(0.35, 30, 27), null, 'Patchy after 24 days, so 30 days became 27.'];
        yield 'learned nothing new' => [$learned(0.35, 26.9, 26.2), null, 'Patchy after 24 days, so it stays at 27 days.'];
        yield 'held at double' => [
            $learned(0.0, 90, 180, Limit::Doubled),
            null,
            'Clear after 24 days, so 90 days became 180 (one check may at most double it).',
        ];
        yield 'held at the least' => [
            $learned(0.85, 8, 7, Limit::Least),
            null,
            'Clogged after 24 days, so 8 days became 7 (never shorter than that).',
        ];
        yield 'measured' => [$learned(0.22, 30, 28), null, '22 % blocked after 24 days, so 30 days became 28.'];
        yield 'left in place' => [
            new Reason(ReasonCode::LeftInPlace, ['left' => 0.1, 'unit' => 'days', 'uses' => 7.7]),
            null,
            'What was left in place then (film) counts as 7.7 days already run.',
        ];
        yield 'a light' => [
            new Reason(ReasonCode::Signal, ['kind' => 'light', 'name' => 'clean']),
            null,
            'The clean light is on, so it is due today.',
        ];
        yield 'standing still' => [
            new Reason(ReasonCode::NoUse, ['unit' => 'loads']),
            null,
            'No loads are counted, so there is no date.',
        ];
        yield 'snoozed' => [
            new Reason(ReasonCode::Snoozed, ['until' => '2026-03-06']),
            null,
            'You asked to be reminded on 6 March 2026; the interval runs on.',
        ];
        yield 'nothing yet' => [
            new Reason(ReasonCode::NothingLearned, ['unit' => 'days', 'interval' => 30.0]),
            null,
            'Nothing has been found here yet, so it starts from 30 days.',
        ];
        yield 'a unit without words' => [
            new Reason(ReasonCode::NothingLearned, ['unit' => 'hours', 'interval' => 30.0]),
            null,
            'Nothing has been found here yet, so it starts from 30 hours.',
        ];
    }

    #[DataProvider('reasons')]
    public function test_reasons_are_sentences_a_person_can_check(Reason $reason, ?string $since, string $sentence): void
    {
        self::assertSame($sentence, app(ReasonWords::class)->sentence($reason, $since));
    }

    /** @return iterable<array{Payload, string}> */
    public static function entries(): iterable
    {
        yield [new Opening('filter', Fraction::of(0.35), Fraction::none()), 'Fine filter. Found: patchy; left: clear'];
        yield [new Opening('filter', Fraction::of(0.6), Fraction::of(0.6)), 'Fine filter checked: heavy, left as it was'];
        yield [new Opening('filter', Fraction::none(), Fraction::none()), 'Fine filter checked: clear'];
        yield [new Opening('filter', null, Fraction::none(), Opening::AS_TOLD), 'Fine filter cleaned, as far as you remember'];
        yield [new Dose('dish-soap', 'sink', Portion::of(15, PortionUnit::Millilitres)), '1 tbsp of dish soap into the sink'];
        yield [new Dose('moon-dust', 'crater', Portion::of(237, PortionUnit::Millilitres)), '1 cup of moon dust into the crater'];
        yield [new Dose('white-vinegar', 'bowl', null, 6.0), 'White vinegar into the bucket (6 %)'];
        yield [new Clearing('sink', 'rinse'), 'Sink rinsed out'];
        yield [new UseCount('loads', 3), '3 loads counted'];
        yield [new Check('lock-test', 'lifts', false), 'Pull test: it lifts'];
        yield [new Note('über den Rand'), 'Über den Rand'];
        yield [new Reversal(Reversal::UNDO), 'An entry was undone'];
    }

    #[DataProvider('entries')]
    public function test_entries_are_said_in_the_household_words(Payload $payload, string $words): void
    {
        $machine = new Machine(['kind' => 'dishwasher', 'traits' => ['filter' => 'twist-out']]);
        $machine->id = 'm';
        self::assertSame($words, app(EntryWords::class)->describe($payload, $machine, 'filter', Measures::UnitedStates));
    }

    public function test_parts_go_by_the_name_the_machine_gives_them(): void
    {
        $opening = new Opening('filter', Fraction::none(), Fraction::none());
        $machine = new Machine(['kind' => 'dishwasher', 'traits' => ['filter' => 'sealed']]);
        $machine->id = 'sealed';
        $words = app(EntryWords::class);

        self::assertSame('Drain mouth checked: clear', $words->describe($opening, $machine, 'filter', Measures::Metric));
        self::assertSame(
            'Gone-part checked: clear',
            $words->describe($opening, $machine, 'gone-part', Measures::Metric),
            'a part that is no longer in the handbook',
        );
        self::assertSame('Something checked: clear', $words->describe($opening, null, 'filter', Measures::Metric));
    }

    public function test_numbers_are_as_fine_as_they_are_small(): void
    {
        self::assertSame(['7.7', '8', '10', "1\u{202F}234", '0'], array_map(Uses::number(...), [7.66, 7.96, 9.97, 1234.4, 0.02]));
        self::assertSame(['1 day', '1.5 days', '0 days'], [Uses::counted(1, 'days'), Uses::counted(1.5, 'days'), Uses::counted(0, 'days')]);
    }

    public function test_days_are_said_as_near_as_they_are(): void
    {
        $today = Day::of('2026-12-30');
        $said = array_map(static fn (int $days): string => Dates::relative($today->plus($days), $today), [-3, -1, 0, 1, 9]);

        self::assertSame(['3 days ago', 'yesterday', 'today', 'tomorrow', 'in 9 days'], $said);
        self::assertSame('30 December', Dates::day($today, $today));
        self::assertSame('2 January 2027', Dates::day($today->plus(3), $today));
        self::assertSame('23:30', Dates::time(new \DateTimeImmutable('2026-07-01T21:30:00Z'), new \DateTimeZone('Europe/Stockholm')));
    }
}
