<?php

declare(strict_types=1);

namespace Tests\Core\Rhythm;

use GoodRinse\Core\Logbook\Payload\Confirmation;
use GoodRinse\Core\Logbook\Payload\IndicatorLight;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\Snooze;
use GoodRinse\Core\Logbook\Payload\Symptom;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Rhythm\CareState;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\RhythmEngine;
use GoodRinse\Core\Rhythm\Signal;
use GoodRinse\Core\Rhythm\Signals;
use Tests\Core\CoreTestCase;

/** Lights, symptoms and reminders put off. */
final class SignalsTest extends CoreTestCase
{
    use ClockedHistory;

    public function test_a_light_asks_until_the_job_is_done_after_it(): void
    {
        $task = self::handbook()->kind('pod-brewer')->task('descale');
        $name = static fn (string $id): string => $id;
        $on = ['2026-04-02 10:00', new IndicatorLight('descale', true)];
        self::assertSame(
            [Signal::LIGHT],
            array_map(static fn (Signal $signal): string => $signal->kind, Signals::of($task, self::history([$on], '2026-04-10'), $name)),
        );
        self::assertSame(
            [],
            Signals::of($task, self::history([$on, ['2026-04-05 10:00', new IndicatorLight('descale', false)]], '2026-04-10'), $name),
        );
        self::assertSame([], Signals::of(
            $task,
            self::history([$on, ['2026-04-05 10:00', new Opening('descale', null, Fraction::none())]], '2026-04-10'),
            $name,
        ));
    }

    public function test_a_symptom_asks_until_the_job_is_done_and_teaches_when_it_is_confirmed(): void
    {
        $task = self::handbook()->kind('dishwasher')->task('filter');
        $name = static fn (string $id): string => $id;
        $opened = ['2026-03-01 10:00', new Opening('filter', Fraction::none(), Fraction::none())];
        $noticed = ['2026-03-25 10:00', new Symptom('food-bits', 'filter')];
        $cleaned = ['2026-03-28 10:00', new Opening('filter', Fraction::of(0.85), Fraction::none())];

        self::assertSame([Signal::SYMPTOM], array_map(
            static fn (Signal $signal): string => $signal->kind,
            Signals::of($task, self::history([$opened, $noticed], '2026-03-26'), $name),
        ));
        $after = self::history([$opened, $noticed, $cleaned], '2026-03-29');
        self::assertSame([], Signals::of($task, $after, $name));
        self::assertTrue($after->task('filter')->symptoms[0]->opened);

        $confirmed = self::history(
            [$opened, $noticed, $cleaned, ['2026-03-29 10:00', new Confirmation('e1', 'filter', true)]],
            '2026-03-29',
        );
        self::assertSame([], $confirmed->task('filter')->symptoms);
        self::assertSame(
            [0.0, 0.85, 0.85],
            array_map(static fn ($opening): float => (float) $opening->found?->value, $confirmed->task('filter')->openings),
        );
        self::assertSame([true, 24, 3], [
            $confirmed->task('filter')->openings[1]->symptom,
            $confirmed->task('filter')->openings[1]->days,
            $confirmed->task('filter')->openings[2]->days,
        ]);
        self::assertLessThan(
            self::rhythm('filter', $after, '2026-03-29')->deciding->learned->interval,
            self::rhythm('filter', $confirmed, '2026-03-29')->deciding->learned->interval,
        );

        $denied = self::history([$opened, $noticed, $cleaned, ['2026-03-29 10:00', new Confirmation('e1', 'filter', false)]], '2026-03-29');
        self::assertCount(2, $denied->task('filter')->openings);
        self::assertSame([], $denied->task('filter')->symptoms);
    }

    public function test_a_reminder_put_off_moves_the_reminder_and_an_opening_ends_it(): void
    {
        $opened = ['2026-03-01 10:00', new Opening('filter', Fraction::none(), Fraction::none())];
        $snooze = ['2026-04-02 10:00', new Snooze('filter', Day::of('2026-04-20'), 'guests')];
        self::assertSame('guests', self::history([$opened, $snooze], '2026-04-03')->task('filter')->snooze?->reason);
        self::assertNull(
            self::history(
                [$opened, $snooze, ['2026-04-05 10:00', new Opening('filter', Fraction::none(), Fraction::none())]],
                '2026-04-06',
            )->task('filter')->snooze,
        );

        $rhythm = (new RhythmEngine(self::handbook()->rhythmModel()))->assess(
            [new Clock('days', 30, 7, 365, 1, 33)],
            Day::of('2026-04-03'),
            [],
            Day::of('2026-04-20'),
        );
        self::assertSame(
            [CareState::Due, '2026-03-31', '2026-04-20'],
            [$rhythm->state, (string) $rhythm->dueOn, (string) $rhythm->remindOn],
        );
        self::assertTrue($rhythm->isPutOff(Day::of('2026-04-19')));
        self::assertFalse($rhythm->isPutOff(Day::of('2026-04-20')));
    }
}
