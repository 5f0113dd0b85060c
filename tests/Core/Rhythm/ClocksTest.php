<?php

declare(strict_types=1);

namespace Tests\Core\Rhythm;

use GoodRinse\Core\Logbook\Absences;
use GoodRinse\Core\Logbook\Payload\Absence;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Quantity\Hardness;
use GoodRinse\Core\Rhythm\CareSettings;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\Learning\Observation;
use GoodRinse\Core\Rhythm\RhythmEngine;
use GoodRinse\Core\Rhythm\TaskClocks;
use GoodRinse\Core\Simulation\TestStrip;
use Tests\Core\CoreTestCase;

final class ClocksTest extends CoreTestCase
{
    use ClockedHistory;

    public function test_litres_run_with_the_brews_and_a_school_may_count_them(): void
    {
        $said = new CareSettings(['brewsPerWeek' => 7.0], 'sixty-litres', null, 1.2, Day::of('2026-01-01'));
        $clocks = self::clocks('drip-brewer', 'disc', $said, self::history([], '2026-01-11'), '2026-01-11');

        self::assertSame(['days', 'litres'], array_map(static fn (Clock $clock): string => $clock->unit, $clocks));
        self::assertSame([50.0, 60.0], [$clocks[0]->start, $clocks[1]->start]);
        self::assertEqualsWithDelta(1.2 * 10.5, $clocks[1]->elapsed, 1e-9, 'ten days and a half, told by nobody');
        self::assertEqualsWithDelta(1.2, $clocks[1]->rate, 1e-9);
    }

    public function test_the_first_interval_tells_what_it_comes_from(): void
    {
        $clocks = new TaskClocks(self::handbook()->doseModel());
        $dishwasher = self::handbook()->kind('dishwasher');
        $start = $clocks->starting($dishwasher, $dishwasher->task('filter'), new CareSettings(['plates' => 'neither'] + self::DISHWASHER));
        self::assertSame(
            [7.0, 'days', 'weekly', ['plates'], false],
            [$start->count, $start->unit, $start->school, $start->for, $start->picked],
        );
        $start = $clocks->starting(
            $dishwasher,
            $dishwasher->task('filter'),
            new CareSettings(['plates' => 'rinse', 'age' => 'older'] + self::DISHWASHER),
        );
        self::assertSame([18.0, 'fortnightly', ['age']], [$start->count, $start->school, $start->for]);
        $start = $clocks->starting(
            $dishwasher,
            $dishwasher->task('filter'),
            new CareSettings(['plates' => 'neither', 'age' => 'older'] + self::DISHWASHER, 'monthly'),
        );
        self::assertSame(
            [30.0, 'monthly', [], true],
            [$start->count, $start->school, $start->for, $start->picked],
            'what is picked stands as it is',
        );

        $brewer = self::handbook()->kind('drip-brewer');
        $start = $clocks->starting(
            $brewer,
            $brewer->task('descale'),
            new CareSettings(['brewsPerWeek' => 7.0], null, Hardness::mgPerLitre(360), 1.3),
        );
        self::assertSame(
            [30.0, 'pots', 360.0, 1.3, false],
            [$start->count, $start->unit, $start->hardness, $start->litres, $start->guessed],
        );
        self::assertTrue($clocks->starting($brewer, $brewer->task('descale'), new CareSettings(['brewsPerWeek' => 7.0]))->guessed);
        self::assertNull($clocks->starting($brewer, $brewer->task('descale'), new CareSettings([], 'light'))->base);
    }

    public function test_while_nobody_is_there_soil_stands_still_and_mould_grows(): void
    {
        $opened = static fn (string $task): array => ['2026-04-01 10:00', new Opening($task, Fraction::of(0.35), Fraction::none())];
        $away = ['2026-04-05 10:00', new Absence(Day::of('2026-04-06'), Day::of('2026-04-15'), 'sea')];
        foreach (['filter' => 10.0, 'seal' => 20.0] as $task => $days) {
            $clock = self::clocks(
                'dishwasher',
                $task,
                new CareSettings(self::DISHWASHER),
                self::history([$opened($task), $away], '2026-04-21'),
                '2026-04-21',
            )[0];
            self::assertSame([Clock::DAYS, $days], [$clock->unit, $clock->elapsed], $task);
        }
        $stayed = self::rhythm('filter', self::history([$opened('filter')], '2026-04-21'), '2026-04-21');
        $left = self::rhythm('filter', self::history([$opened('filter'), $away], '2026-04-21'), '2026-04-21');
        self::assertSame(10, $left->dueOn?->since($stayed->dueOn ?? self::fail('no date')));
    }

    public function test_an_absence_ahead_moves_the_date_and_nobody_is_reminded_in_it(): void
    {
        $opened = ['2026-04-01 10:00', new Opening('filter', Fraction::of(0.35), Fraction::none())];
        $sealed = ['2026-04-01 10:00', new Opening('seal', Fraction::of(0.35), Fraction::none())];
        $away = ['2026-04-05 10:00', new Absence(Day::of('2026-04-20'), Day::of('2026-05-10'), '')];
        $history = self::history([$opened, $sealed, $away], '2026-04-10');
        $filter = self::rhythm('filter', $history, '2026-04-10');
        $seal = self::rhythm('seal', $history, '2026-04-10');

        self::assertSame('2026-05-22', (string) $filter->dueOn);
        self::assertSame('2026-05-01', (string) $seal->dueOn);
        self::assertSame('2026-05-11', (string) $seal->remindOn);
        self::assertTrue($seal->isPutOff(Day::of('2026-05-03')));
    }

    public function test_the_workings_add_up_to_what_they_explain(): void
    {
        $engine = new RhythmEngine(self::handbook()->rhythmModel());
        $clock = new Clock('days', 30, 7, 365, 1, 12, [
            new Observation(0, Fraction::none(), Fraction::none()),
            new Observation(28, Fraction::of(0.6), Fraction::of(0.1)),
            new Observation(20, Fraction::of(0.35), Fraction::none()),
        ]);
        $history = self::history(
            [
                ['2026-01-01', new Opening('filter', null, Fraction::none())],
                ['2026-01-29', new Opening('filter', Fraction::of(0.6), Fraction::of(0.1))],
                ['2026-02-18', new Opening('filter', Fraction::of(0.35), Fraction::none())],
            ],
            '2026-03-02',
        );
        $rhythm = $engine->assess([$clock], Day::of('2026-03-02'));
        [$workings] = $engine->workings($rhythm, $history->task('filter')->openings, Day::of('2026-03-02'));

        self::assertSame(['e1', 'e2'], array_map(static fn (array $step): string => $step[0]->entry, $workings->steps));
        foreach ($workings->steps as [, $step]) {
            self::assertEqualsWithDelta($step->beta / $step->alpha, $step->evidence, 1e-9);
        }
        $last = $workings->steps[1][1];
        self::assertSame($rhythm->deciding->learned->interval, $last->after);
        self::assertSame([$rhythm->deciding->learned->alpha, $rhythm->deciding->learned->beta], [$last->alpha, $last->beta]);
        self::assertEqualsWithDelta(-log(0.9) / $workings->opening, $last->left, 1e-9);
        self::assertEquals($rhythm->dueOn, $workings->dueOn);
        self::assertCount(3, $workings->inForce());
    }

    public function test_the_simulated_strip_shows_the_same_tap_each_time_and_many_different_ones(): void
    {
        $strip = new TestStrip(self::handbook()->doseModel());
        self::assertSame($strip->dip(7), $strip->dip(7));
        $seen = array_unique(array_map($strip->dip(...), range(1, 200)));
        self::assertGreaterThan(3, count($seen));
        self::assertLessThan(count(self::handbook()->doseModel()->strip), max($seen));
    }

    public function test_absences_join_where_they_touch(): void
    {
        $absences = new Absences([
            [Day::of('2026-05-10'), Day::of('2026-05-12')],
            [Day::of('2026-05-01'), Day::of('2026-05-04')],
            [Day::of('2026-05-05'), Day::of('2026-05-06')],
        ]);

        self::assertCount(2, $absences->spans);
        self::assertSame('2026-05-06', (string) $absences->until(Day::of('2026-05-02')));
        self::assertNull($absences->until(Day::of('2026-05-08')));
        self::assertSame(9, $absences->days(Day::of('2026-04-30'), Day::of('2026-05-20')));
    }
}
