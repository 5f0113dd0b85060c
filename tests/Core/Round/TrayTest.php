<?php

declare(strict_types=1);

namespace Tests\Core\Round;

use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Round\CannotTick;
use GoodRinse\Core\Round\OpenEnd;
use GoodRinse\Core\Round\OpenEnds;
use GoodRinse\Core\Round\Progress;
use GoodRinse\Core\Round\Tick;
use GoodRinse\Core\Round\TickDetails;
use Tests\Core\CoreTestCase;

final class TrayTest extends CoreTestCase
{
    use ArmsRound;

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

    public function test_everything_is_back_once_something_came_off_and_the_last_of_it_went_home(): void
    {
        $procedure = self::arms();
        $putsBack = array_values(array_filter($procedure->steps, static fn (Step $step): bool => null !== $step->putsBack));
        $last = $putsBack[count($putsBack) - 1]->id;
        self::assertFalse(self::until($procedure, 'power-off')->apart()->isReturned, 'nothing came off yet');
        self::assertFalse(self::until($procedure, 'lower-arm-on')->apart()->isReturned, 'the rack is still off');
        self::assertTrue(self::until($procedure, $last)->apart()->isReturned);
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
}
