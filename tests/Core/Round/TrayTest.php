<?php

declare(strict_types=1);

namespace Tests\Core\Round;

use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Logbook\Payload\Measurement;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Logbook\Payload\PartFitted;
use GoodRinse\Core\Round\CannotTick;
use GoodRinse\Core\Round\OpenEnd;
use GoodRinse\Core\Round\OpenEnds;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Projection\MeasurementForm;
use GoodRinse\Core\Round\Tick;
use GoodRinse\Core\Round\TickDetails;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreTestCase;

final class TrayTest extends CoreTestCase
{
    private const TRAITS = ['filter' => 'twist-out', 'arms' => 'two', 'heater' => 'hidden'];

    private static function arms(): Procedure
    {
        return self::fitted('dishwasher', 'spray-arms', self::TRAITS);
    }

    /** @param array<string, string> $how what became of steps other than done, by id */
    private static function until(Procedure $procedure, string $last, array $how = [], ?TickDetails $details = null): Progress
    {
        $ticks = [];
        foreach ($procedure->steps as $step) {
            $ticks[] = new Tick(
                "t$step->id",
                $step->id,
                new \DateTimeImmutable('@0'),
                $step->capture->options[0]->id ?? null,
                how: $how[$step->id] ?? Tick::DONE,
                details: $step->id === $last && null !== $details ? $details : new TickDetails(),
            );
            if ($step->id === $last) {
                break;
            }
        }

        return new Progress($procedure, $ticks);
    }

    public function test_a_part_left_on_is_not_put_back_and_is_said(): void
    {
        $progress = self::until(self::arms(), 'jets-look', ['upper-arm-off' => Tick::SKIPPED]);

        self::assertSame(['lower-rack', 'lower-arm', 'upper-rack'], $progress->tray());
        self::assertSame(['upper-arm'], $progress->apart()->leftOn);
        self::assertNotContains('upper-arm-on', array_map(static fn (Step $step): string => $step->id, $progress->steps()));
    }

    public function test_a_part_back_before_its_turn_is_said_and_not_asked_for_again(): void
    {
        $procedure = self::arms();
        $off = self::until($procedure, 'upper-arm-off');
        self::assertSame('upper-arm-on', $off->stepBack('upper-arm')?->id);
        self::assertNull($off->stepBack('filter'));

        $ticks = array_map(
            static fn (string $step): Tick => new Tick("t$step", $step, new \DateTimeImmutable('@0')),
            ['kit', 'power-off', 'rack-out', 'lower-arm-off', 'upper-rack-out', 'upper-arm-off', 'upper-arm-on'],
        );
        $back = new Progress($procedure, $ticks);
        self::assertSame(['upper-arm'], $back->apart()->early);
        self::assertNotContains('upper-arm', $back->tray());
        self::assertSame('jets-look', $back->current()?->id);
    }

    public function test_what_is_left_over_stays_open_until_it_has_found_its_place(): void
    {
        $left = self::until(self::arms(), 'lower-arm-on', [], new TickDetails([], [], ['washer' => 1]));

        self::assertSame(['lower-arm' => ['washer' => 1]], $left->apart()->leftOver);
        self::assertContains(OpenEnd::LEFT_OVER, array_column((new OpenEnds($left))->now(), 'kind'));
        self::assertSame([], self::until(self::arms(), 'lower-arm-on')->apart()->leftOver);
    }

    public function test_the_machine_is_not_run_while_a_part_it_needs_is_off_or_untested(): void
    {
        $salt = self::fitted('dishwasher', 'salt-and-rinse-aid', ['softener' => 'salt'] + self::TRAITS);
        $cycle = $salt->steps[count($salt->steps) - 1];
        self::assertTrue($cycle->runsTheMachine());
        $early = self::until($salt, 'aid-fill');
        self::assertSame([], (new OpenEnds($early))->beforeRunning($cycle, ['filter', 'lower-arm']), 'a rack does no harm');
        self::assertSame(['lower-rack'], array_column((new OpenEnds($early))->beforeRunning($cycle, ['lower-rack']), 'what'));

        $strip = self::fitted('dishwasher', 'strip-down', ['filter' => 'screwed'] + self::TRAITS);
        $run = array_values(array_filter($strip->steps, static fn (Step $step): bool => 'run-empty' === $step->id))[0];
        self::assertSame([], (new OpenEnds(self::until($strip, 'power-on')))->beforeRunning($run, ['lower-arm', 'cover', 'filter']));
        $ticks = array_map(
            static fn (Step $step): Tick => new Tick(
                "t$step->id",
                $step->id,
                new \DateTimeImmutable('@0'),
                'spin-test' === $step->id ? 'sticks' : ($step->capture->options[0]->id ?? null),
                'spin-test' === $step->id,
            ),
            array_slice($strip->steps, 0, (int) array_search($run, $strip->steps, true)),
        );
        self::assertEquals(
            [new OpenEnd(OpenEnd::FAILED, 'spin-test')],
            (new OpenEnds(new Progress($strip, $ticks)))->beforeRunning($run, ['lower-arm']),
        );
        self::assertSame(
            [],
            (new OpenEnds(new Progress($strip, $ticks)))->beforeRunning($strip->steps[0], ['lower-arm']),
            'only what runs the machine is held up',
        );
    }

    public function test_a_gate_lets_nobody_past(): void
    {
        $wash = self::fitted('hood', 'wash-filters', ['metal' => 'aluminium']);
        $ticks = [
            new Tick('a', 'filters-grade', new \DateTimeImmutable('@0'), 'heavy'),
            new Tick('b', 'dry-test', new \DateTimeImmutable('@0'), 'wet', true),
        ];
        $progress = new Progress($wash, $ticks);
        self::assertFalse($progress->isDone($progress->step('dry-test')));

        $this->expectException(CannotTick::class);
        $progress->admit('dry-test', 'wet', Tick::DONE, true);
    }

    public function test_a_check_that_is_left_out_stays_open_and_only_a_gate_cannot_be_left_out(): void
    {
        self::assertSame(
            'sump-look',
            self::until(self::fitted('dishwasher', 'filter-clean', self::TRAITS), 'soak')->admit('sump-look', null, Tick::SKIPPED)->id,
        );
        self::assertEquals(
            [new OpenEnd(OpenEnd::NOT_TESTED, 'spin-test')],
            (new OpenEnds(self::until(self::arms(), 'ajar', ['spin-test' => Tick::SKIPPED])))->now(),
        );
        $wash = self::fitted('hood', 'wash-filters', ['metal' => 'aluminium']);
        $this->expectException(CannotTick::class);
        (
            new Progress($wash, [new Tick('a', 'filters-grade', new \DateTimeImmutable('@0'), 'heavy')])
        )->admit('dry-test', null, Tick::SKIPPED);
    }

    public function test_a_count_under_way_leaves_the_step_open(): void
    {
        $pods = self::fitted('pod-brewer', 'descale-pods', ['cartridge' => 'no-cartridge']);
        $tick = static fn (string $how): Tick => new Tick('t', 'cups-through', new \DateTimeImmutable('@0'), '3', how: $how);
        $step = (new Progress($pods, []))->step('cups-through');

        self::assertFalse((new Progress($pods, [$tick(Tick::COUNTING)]))->isDone($step));
        self::assertSame([], self::saidAt($step->id, new Progress($pods, [$tick(Tick::COUNTING)])));
        self::assertEquals([new Measurement('cups-through', 3.0)], self::saidAt($step->id, new Progress($pods, [$tick(Tick::DONE)])));
        self::assertFalse($step->capture?->accepts('0'));
        self::assertFalse($step->capture->accepts('many'));
    }

    public function test_every_rinse_asked_for_again_is_counted(): void
    {
        $pots = self::fitted('drip-brewer', 'descale-manual', ['programme' => 'manual']);
        $answers = ['smells', 'smells', 'no-smell'];
        $ticks = array_map(
            static fn (int $i, string $answer): Tick => new Tick("t$i", 'smell', new \DateTimeImmutable("@$i"), $answer),
            array_keys($answers),
            $answers,
        );
        $said = self::saidAt('smell', new Progress($pots, $ticks));

        self::assertContainsEquals(new Measurement('rinses', 4.0), $said);
    }

    public function test_a_descaling_seen_through_leaves_nothing_in_place(): void
    {
        foreach ([
            ['drip-brewer', 'descale-programme', ['programme' => 'programmed'], 'pot-look', 'smell'],
            ['pod-brewer', 'descale-pods', ['cartridge' => 'no-cartridge'], 'cups-look', 'cups-smell'],
        ] as [
            $kind,
            $procedure,
            $traits,
            $look,
            $smell,
        ]) {
            $descaling = self::fitted($kind, $procedure, $traits);
            $looked = new Tick('a', $look, new \DateTimeImmutable('@0'), 'lime-slower');
            foreach (['no-smell' => 0.0, 'smells' => 0.35] as $answer => $left) {
                $smelled = new Tick('b', $smell, new \DateTimeImmutable('@9'), $answer, 'smells' === $answer);
                $progress = new Progress($descaling, [$looked, $smelled]);
                $openings = array_values(
                    array_filter(self::saidAt($look, $progress), static fn (object $payload): bool => $payload instanceof Opening),
                );
                self::assertSame($left, ($openings[0] ?? null)?->left->value, "$procedure, $answer");
                self::assertSame(self::handbook()->scales()->grade('lime-slower')->fraction->value, ($openings[0] ?? null)?->found?->value);
            }
            $only = new Progress($descaling, [$looked]);
            self::assertEquals(
                [new Opening(
                    'descale',
                    self::handbook()->scales()->grade('lime-slower')->fraction,
                    self::handbook()->scales()->grade('lime-slower')->fraction,
                )],
                self::saidAt($look, $only),
                'only looked at: left as found',
            );
        }
    }

    public function test_counted_jets_are_the_opening(): void
    {
        $details = new TickDetails([new Measurement('jets-lower-top', 3.0, 12.0), new Measurement('jets-upper', 3.0, 8.0)]);
        $ticks = [new Tick('t', 'jets-look', new \DateTimeImmutable('@0'), 'jets-few', details: $details)];
        $progress = new Progress(self::arms(), $ticks);
        $said = self::saidAt('jets-look', $progress);
        $opening = array_values(array_filter($said, static fn (object $payload): bool => $payload instanceof Opening))[0]
            ?? self::fail('it is an opening');

        self::assertSame(0.3, $opening->found?->value);
        self::assertSame(Opening::COUNTED, $opening->how);
        self::assertCount(3, $said);
        self::assertEquals($details, TickDetails::read((array) json_decode((string) json_encode($details->toArray()), true)));
    }

    public function test_a_new_part_is_written_down(): void
    {
        $change = self::fitted('pod-brewer', 'water-filter', ['cartridge' => 'cartridge']);
        $progress = self::until($change, 'cartridge-new');

        self::assertEquals([new PartFitted('cartridge')], self::saidAt('cartridge-new', $progress));
    }

    /** @return iterable<string, array{array<string, mixed>, int|null}> what is filled in; how many readings, null when refused */
    public static function fillings(): iterable
    {
        yield 'nothing' => [[], 0];
        yield 'empty fields' => [['jets-lower-top' => ['shut' => '', 'all' => '12']], 0];
        yield 'a count' => [['jets-lower-top' => ['shut' => '3', 'all' => '12'], 'jets-upper' => ['shut' => '0', 'all' => '9']], 2];
        yield 'more shut than there are' => [['jets-upper' => ['shut' => '13', 'all' => '12']], null];
        yield 'no total' => [['jets-upper' => ['shut' => '3']], null];
        yield 'out of range' => [['jets-upper' => ['shut' => '3', 'all' => '900']], null];
        yield 'an arm this machine has not' => [['jets-top' => ['shut' => '3', 'all' => '12']], 0];
        yield 'not a number' => [['jets-upper' => ['shut' => 'some', 'all' => '12']], 0];
        yield 'a list where a count belongs' => [['jets-upper' => ['shut' => ['3'], 'all' => '12']], 0];
    }

    /** @param array<string, mixed> $given */
    #[DataProvider('fillings')]
    public function test_a_form_is_read_as_far_as_it_makes_sense(array $given, ?int $readings): void
    {
        if (null === $readings) {
            $this->expectException(CannotTick::class);
        }
        $step = (new Progress(self::arms(), []))->step('jets-look');

        self::assertCount($readings ?? 0, (new MeasurementForm(self::handbook()))->read($step, $given, self::TRAITS));
    }

    public function test_being_late_is_said_and_whether_it_does_harm(): void
    {
        $filter = self::fitted('dishwasher', 'filter-clean', ['mesh' => 'plastic'] + self::TRAITS);
        $ticks = [];
        foreach (['hold-to-light' => 'heavy', 'light-again' => 'film', 'bleach-wipe' => null] as $step => $answer) {
            $ticks[] = new Tick(
                "t$step",
                $step,
                new \DateTimeImmutable('2026-05-01T10:00:00Z'),
                $answer,
                details: new TickDetails(also: 'light-again' === $step ? 'slime' : null),
            );
        }
        $timer = (new Progress($filter, $ticks))->timers()[0] ?? self::fail('the bleach works');

        self::assertNull($timer->lateness(new \DateTimeImmutable('2026-05-01T10:05:30Z')));
        $late = $timer->lateness(new \DateTimeImmutable('2026-05-01T10:09:00Z'));
        self::assertSame([4.0, false], [$late?->by->value, $late?->harms]);
        self::assertTrue($timer->lateness(new \DateTimeImmutable('2026-05-01T10:10:30Z'))?->harms);
    }
}
