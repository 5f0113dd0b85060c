<?php

declare(strict_types=1);

namespace Tests\Core\Round;

use Eris\Generator;
use Eris\TestTrait;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Round\CannotTick;
use GoodRinse\Core\Round\Estimate;
use GoodRinse\Core\Round\Kit\KitList;
use GoodRinse\Core\Round\OpenEnd;
use GoodRinse\Core\Round\OpenEnds;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Tick;
use GoodRinse\Core\Round\TickDetails;
use Tests\Core\CoreTestCase;

final class RoundTest extends CoreTestCase
{
    use TestTrait;
    use WalkedRound;

    /** @return list<string> */
    private static function ids(Procedure $procedure): array
    {
        return array_map(static fn (Step $step): string => $step->id, $procedure->steps);
    }

    /** Answers that lead through a procedure, ticking whatever comes up. */
    private static function walk(Procedure $procedure, string $found, string $residue = 'leave'): Progress
    {
        $ticks = [];
        for ($turn = 0; $turn < 60; ++$turn) {
            $progress = new Progress($procedure, $ticks);
            $step = $progress->current();
            if (null === $step) {
                return $progress;
            }
            $answer = match ($step->capture?->id) {
                null => null, 'found' => $found, 'suds' => 'none', 'lock' => 'holds',
                'mouth' => 'well-layer', 'mouth-left' => 'well-clean',
                default => 'leave' === $residue ? 'clear' : 'film',
            };
            $ticks[] = new Tick(
                "t$turn",
                $step->id,
                new \DateTimeImmutable('2026-05-01T10:00:00Z'),
                $answer,
                details: new TickDetails(also: 'light-again' === $step->id ? $residue : null),
            );
        }
        self::fail('the round never ends');
    }

    public function test_a_machine_gets_only_the_steps_it_calls_for(): void
    {
        self::assertContains('filter-out-twist', self::ids(self::procedure()));
        self::assertNotContains('filter-out-plate', self::ids(self::procedure()));
        self::assertContains('refit-plate', self::ids(self::procedure('filter-clean', ['filter' => 'flat-plate'] + self::TWIST)));
        $sealed = self::ids(self::procedure('mouth-clean', ['filter' => 'sealed'] + self::TWIST));
        self::assertSame([], array_intersect($sealed, ['hold-to-light', 'lock-test', 'filter-out-twist', 'tap-rinse']));
        self::assertContains('look-at-mouth', $sealed);
        self::assertArrayNotHasKey(
            'filter',
            self::handbook()->kind('dishwasher')->tasksFor(['filter' => 'none']),
            'a look at the drain mouth is no opening of a filter',
        );
    }

    public function test_every_way_through_ends_with_nothing_left_over(): void
    {
        $grades = ['clear', 'film', 'patchy', 'heavy', 'clogged'];
        $filters = ['twist-out', 'flat-plate', 'sealed', 'none'];
        $this->forAll(Generator\elements($grades), Generator\elements($filters), Generator\elements(['leave', 'crust', 'slime']))
            ->then(static function (string $found, string $filter, string $residue): void {
                $traits = ['filter' => $filter] + self::TWIST;
                $kind = self::handbook()->kind('dishwasher');
                $task = $kind->tasksFor($traits)['filter'] ?? $kind->task('mouth-look');
                foreach ($task->procedures($traits) as $id) {
                    $progress = self::walk(self::procedure($id, $traits), $found, $residue);
                    self::assertSame([], $progress->tray());
                    self::assertSame([], (new OpenEnds($progress))->now());
                    self::assertSame([], $progress->timers(), 'every wait was ended by a step');
                }
            });
    }

    public function test_a_clear_filter_is_spared_the_soak(): void
    {
        $ids = array_map(static fn (Step $step): string => $step->id, self::walk(self::procedure(), 'clear')->steps());

        self::assertNotContains('soak', $ids);
        self::assertContains('lock-test', $ids);
    }

    public function test_the_tray_holds_what_is_off_in_the_order_it_came_off(): void
    {
        $progress = self::progress(
            ['kit' => null, 'power-off' => null, 'rack-out' => null, 'pick-floor' => null, 'filter-out-twist' => null],
        );

        self::assertSame(['lower-rack', 'filter'], $progress->tray());
        self::assertSame(
            [OpenEnd::PART_OFF, OpenEnd::PART_OFF, OpenEnd::NOT_TESTED],
            array_column((new OpenEnds($progress))->now(), 'kind'),
        );
    }

    public function test_the_soak_is_as_long_as_the_soil_asks(): void
    {
        foreach (['film' => 20.0, 'patchy' => 20.0, 'heavy' => 30.0, 'clogged' => 60.0] as $grade => $minutes) {
            $timer = self::progress(['hold-to-light' => $grade, 'soak' => null])->timers()[0] ?? self::fail('no timer runs');
            self::assertSame($minutes, $timer->lasts->value);
            self::assertSame(60 * (int) $minutes - 90, $timer->secondsLeft(new \DateTimeImmutable('2026-05-01T10:01:30Z')));
        }
    }

    public function test_a_failed_confirmation_stays_the_current_step_until_it_passes_or_is_overruled(): void
    {
        $before = [
            'kit' => null,
            'power-off' => null,
            'rack-out' => null,
            'pick-floor' => null,
            'filter-out-twist' => null,
            'hold-to-light' => 'clear',
            'sump-look' => null,
            'wipe-seal' => null,
            'refit-twist' => null,
        ];

        $failed = self::progress($before + ['lock-test' => 'lifts']);
        self::assertSame('lock-test', $failed->current()?->id);
        self::assertSame('lock', $failed->failed()?->id);
        self::assertSame('rack-in', self::progress($before + ['lock-test' => 'holds'])->current()?->id);

        $overruled = self::progress($before + ['lock-test' => 'lifts', 'rack-in' => null, 'power-on' => null, 'ajar' => null], 'lock-test');
        self::assertNull($overruled->current());
        self::assertEquals([new OpenEnd(OpenEnd::FAILED, 'lock-test')], (new OpenEnds($overruled))->now());
    }

    public function test_answering_again_changes_the_way_ahead(): void
    {
        $procedure = self::procedure();
        $tick = static fn (string $step, string $answer): Tick => new Tick($step.$answer, $step, new \DateTimeImmutable('@0'), $answer);
        $progress = new Progress($procedure, [$tick('hold-to-light', 'heavy'), $tick('hold-to-light', 'clear')]);

        self::assertSame(['found' => 'clear'], $progress->answers);
        $this->expectException(CannotTick::class);
        $progress->admit('soak', null);
    }

    public function test_it_refuses_what_the_step_does_not_ask(): void
    {
        foreach ([['hold-to-light', null], ['hold-to-light', 'sparkling'], ['polish', null]] as [$step, $answer]) {
            try {
                self::progress([])->admit($step, $answer);
                self::fail("$step was admitted");
            } catch (CannotTick $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }

    public function test_the_estimate_fills_the_soak_with_other_work(): void
    {
        $estimate = Estimate::of(self::procedure(), ['found' => 'patchy', 'left' => 'clear', 'left-last' => 'clear']);

        self::assertGreaterThan(12, $estimate->hands->value);
        self::assertLessThan(20, $estimate->hands->value);
        self::assertSame(['Look in the sump', 'Wipe the seal'], $estimate->meanwhile);
        self::assertEqualsWithDelta($estimate->hands->value + 20 - 5, $estimate->all->value, 1e-9, 'five of the twenty minutes are used');
    }

    public function test_the_kit_is_gathered_from_the_steps(): void
    {
        $kit = KitList::of(self::procedure(), []);
        $agents = array_column($kit->agents, null, 'id');

        self::assertContains('torch', $kit->tools());
        self::assertContains('soft-brush', $kit->tools(), 'a later branch needs it');
        self::assertSame(array_unique($kit->tools()), $kit->tools());
        self::assertSame(['dish-soap', 'white-vinegar'], array_keys($agents));
        self::assertSame(
            [20.0, null],
            [$agents['dish-soap']->most->all()[0]->count, $agents['dish-soap']->sure],
            'the soak and the brushing, if it is dirty',
        );
        self::assertTrue($agents['dish-soap']->if?->isDirt);
        self::assertSame(['White crust'], $agents['white-vinegar']->if?->answers);
    }

    public function test_the_kit_shrinks_with_what_is_known(): void
    {
        $kit = KitList::of(self::procedure(), ['found' => 'clear']);

        self::assertSame([], $kit->agents);
        self::assertNotContains('soft-brush', $kit->tools());
    }
}
