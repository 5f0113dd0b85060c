<?php

declare(strict_types=1);

namespace Tests\Core\Rhythm;

use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Rhythm\CareState;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\InvalidClock;
use GoodRinse\Core\Rhythm\Learning\Observation;
use GoodRinse\Core\Rhythm\ReasonCode;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Rhythm\RhythmEngine;
use GoodRinse\Core\Rhythm\Signal;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

final class RhythmEngineTest extends CoreTestCase
{
    /** @param list<Signal> $signals */
    private static function assess(string $asOf, array $clocks, array $signals = [], ?string $snooze = null): Rhythm
    {
        return (new RhythmEngine(self::handbook()->rhythmModel()))->assess(
            $clocks,
            Day::of($asOf),
            $signals,
            null === $snooze ? null : Day::of($snooze),
        );
    }

    private static function days(float $elapsed, float $start = 30, ?float $left = null): Clock
    {
        return new Clock(
            'days',
            $start,
            7,
            365,
            1,
            $elapsed,
            null === $left ? [] : [new Observation(0, Fraction::of($left), Fraction::of($left))],
        );
    }

    public function test_the_worked_example(): void
    {
        $clock = new Clock('days', 90, 7, 365, 1, 12, [new Observation(90, Fraction::none(), Fraction::none())]);
        $rhythm = self::assess('2026-03-01', [$clock]);

        self::assertEqualsWithDelta(180, $rhythm->clocks[0]->learned->interval, 1e-9);
        self::assertEqualsWithDelta(12 / 180, $rhythm->wear, 1e-12);
        self::assertSame(CareState::Fresh, $rhythm->state);
        self::assertSame('2026-08-16', (string) $rhythm->dueOn);
        self::assertEqualsWithDelta(1 - 0.65 ** (12 / 180), $rhythm->blockedNow->value, 1e-12);
    }

    /** @return iterable<array{float, CareState}> */
    public static function states(): iterable
    {
        yield [14.9, CareState::Fresh];
        yield [15, CareState::Settling];
        yield [24, CareState::Soon];
        yield [30 - 1e-12, CareState::Due];
        yield [37.4, CareState::Due];
        yield [37.5, CareState::Overdue];
    }

    #[DataProvider('states')]
    public function test_the_state_follows_the_wear(float $elapsed, CareState $state): void
    {
        self::assertSame($state, self::assess('2026-03-01', [self::days($elapsed)])->state);
    }

    public function test_whole_days_stay_whole_and_parts_of_a_day_round_up(): void
    {
        self::assertSame('2026-03-11', (string) self::assess('2026-03-01', [self::days(20)])->dueOn);
        self::assertSame('2026-03-11', (string) self::assess('2026-03-01', [self::days(20.5)])->dueOn);
        self::assertSame('2026-03-01', (string) self::assess('2026-03-01', [self::days(30)])->dueOn);
    }

    public function test_an_overdue_date_lies_on_the_day_the_line_was_crossed(): void
    {
        self::assertSame('2026-02-24', (string) self::assess('2026-03-01', [self::days(35)])->dueOn);
    }

    public function test_a_part_left_clogged_is_due_since_it_was_last_opened_and_no_longer(): void
    {
        $rhythm = self::assess('2026-03-01', [self::days(3, 30, 0.85)]);

        self::assertSame(CareState::Overdue, $rhythm->state);
        self::assertSame('2026-02-26', (string) $rhythm->dueOn);
    }

    public function test_the_days_clock_says_when_the_last_opening_was_also_for_the_others(): void
    {
        $loads = new Clock('loads', 25, 5, 300, 0.1, 30);
        self::assertSame('2026-02-27', (string) self::assess('2026-03-01', [self::days(2), $loads])->dueOn);
    }

    public function test_a_leap_day_counts_as_a_day(): void
    {
        self::assertSame('2028-02-29', (string) self::assess('2028-02-20', [self::days(21)])->dueOn);
        self::assertSame('2028-03-01', (string) self::assess('2028-02-20', [self::days(20)])->dueOn);
        self::assertSame('2027-03-01', (string) self::assess('2027-02-20', [self::days(21)])->dueOn);
    }

    public function test_the_first_clock_to_run_out_sets_the_date_and_the_most_worn_decides(): void
    {
        $loads = new Clock('loads', 20, 5, 300, 2, 14);
        $rhythm = self::assess('2026-03-01', [self::days(3), $loads]);

        self::assertSame('2026-03-04', (string) $rhythm->dueOn);
        self::assertSame('loads', $rhythm->deciding->clock->unit);
        self::assertEqualsWithDelta(0.7, $rhythm->wear, 1e-12);
        self::assertSame(ReasonCode::ClockDecides, $rhythm->reasons[0]->code);
        self::assertSame(14.0, $rhythm->reasons[0]->values['elapsed']);
    }

    public function test_a_clock_that_stands_still_gives_no_date(): void
    {
        $still = new Clock('loads', 20, 5, 300, 0, 10);

        self::assertNull(self::assess('2026-03-01', [$still])->dueOn);
        self::assertSame('2026-03-28', (string) self::assess('2026-03-01', [$still, self::days(3)])->dueOn);
        self::assertContains(ReasonCode::NoUse, array_column(self::assess('2026-03-01', [$still])->reasons, 'code'));
    }

    public function test_a_date_beyond_the_calendar_is_no_date(): void
    {
        self::assertNull(self::assess('2026-03-01', [new Clock('loads', 300, 5, 300, 1e-6, 0)])->dueOn);
    }

    public function test_a_light_makes_it_due_today_and_says_so(): void
    {
        $rhythm = self::assess('2026-03-01', [self::days(3)], [new Signal(Signal::LIGHT, 'clean')]);

        self::assertSame(CareState::Due, $rhythm->state);
        self::assertSame('2026-03-01', (string) $rhythm->dueOn);
        self::assertSame(ReasonCode::Signal, $rhythm->reasons[0]->code);
        self::assertEqualsWithDelta(0.1, $rhythm->wear, 1e-12, 'the clock is not moved');
    }

    public function test_a_snooze_moves_the_reminder_and_never_the_clock(): void
    {
        $rhythm = self::assess('2026-03-01', [self::days(32)], [], '2026-03-06');

        self::assertSame('2026-02-27', (string) $rhythm->dueOn);
        self::assertSame('2026-03-06', (string) $rhythm->remindOn);
        self::assertSame(CareState::Due, $rhythm->state);
    }

    public function test_the_window_in_days_leaves_out_what_has_already_run(): void
    {
        $rhythm = self::assess('2026-03-01', [self::days(10)]);
        [$earliest, $latest] = $rhythm->window ?? self::fail('a running clock has a window');

        self::assertSame((int) ceil(30 / log(10) - 10), $earliest->since(Day::of('2026-03-01')));
        self::assertSame(275, $latest->since(Day::of('2026-03-01')), '30 over −ln 0.9 is 284.7 days');
    }

    /** @return iterable<string, array{float, float}> start of the clock and days gone */
    public static function neverChecked(): iterable
    {
        foreach ([3.0, 7.0, 13.0, 14.0, 15.0, 90.0] as $start) {
            foreach ([0.0, 1.0, 6.0, 40.0] as $elapsed) {
                yield "$start days, $elapsed gone" => [$start, $elapsed];
            }
        }
    }

    #[DataProvider('neverChecked')]
    public function test_what_nobody_has_checked_names_the_one_day_it_is_due(float $start, float $elapsed): void
    {
        $rhythm = (new RhythmEngine(self::handbook()->rhythmModel()))->assess(
            [self::days($elapsed, $start)],
            Day::of('2026-03-01'),
            lookBy: Day::of('2026-03-15'),
        );
        self::assertSame(ReasonCode::LookOnce, $rhythm->reasons[0]->code);
        self::assertSame((string) $rhythm->dueOn, $rhythm->reasons[0]->values['by'] ?? null);
        self::assertNotNull($rhythm->dueOn);
        self::assertFalse($rhythm->dueOn->isAfter(Day::of('2026-03-15')));
    }

    public function test_without_a_clock_there_is_no_rhythm(): void
    {
        $this->expectException(InvalidClock::class);
        self::assess('2026-03-01', []);
    }
}
