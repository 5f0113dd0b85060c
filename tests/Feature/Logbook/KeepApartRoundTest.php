<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Care\Gates\RunGate;
use App\Care\Readers\VesselReader;
use App\Models\Round;
use GoodRinse\Core\Handbook\Procedure\Step;
use Tests\TestCase;

/** Keep-apart at the steps of a round. */
final class KeepApartRoundTest extends TestCase
{
    use PouringHousehold;

    public function test_a_round_starts_with_the_clearing_that_a_vessel_needs(): void
    {
        $this->pour('chlorine-bleach');
        $this->post("/machines/{$this->machine->id}/rounds", ['procedure' => 'acid-wash'])->assertRedirect();
        $round = Round::query()->with('machine')->firstOrFail();
        foreach ([
            'kit' => null,
            'empty' => null,
            'hot-tap' => null,
            'wash-with' => 'vinegar',
            'clear-tub-vinegar-cup' => null,
            'cleared-tub-vinegar-cup' => null,
        ] as $step => $answer) {
            self::assertSame($step, $round->load('ticks')->progress()->current()?->id);
            $this->tick($round, $step, $answer)->assertSessionHasNoErrors();
        }
        self::assertSame([], $this->holds('tub'));
        $this->tick($round, 'vinegar-cup')->assertSessionHasNoErrors();
        self::assertSame(['white-vinegar'], $this->holds('tub'));
    }

    public function test_a_step_is_refused_when_something_was_poured_meanwhile_and_goes_on_once_cleared(): void
    {
        $round = $this->acidWashBeforeItsVinegar();
        $this->pour('oxygen-bleach');

        $this->get("/rounds/$round->id")
            ->assertSee('Clear first')
            ->assertSee('peracid')
            ->assertSee('The plain cycle has run')
            ->assertSee(__('views/components/round/chemistry-notes.it_has_already_been_poured'));
        $this->tick($round, 'vinegar-cup')->assertSessionHasErrors();
        self::assertNull($round->load('ticks')->progress()->tick($round->progress()->step('vinegar-cup')));
        $this->post("/machines/{$this->machine->id}/vessels/tub/clear", ['id' => $this->ulid()]);
        $this->get("/rounds/$round->id")->assertDontSee('peracid');
        $this->tick($round, 'vinegar-cup')->assertSessionHasNoErrors();
    }

    public function test_what_has_been_poured_all_the_same_is_written_down(): void
    {
        $round = $this->acidWashBeforeItsVinegar();
        $this->pour('chlorine-bleach');
        $this->tick($round, 'vinegar-cup', null, ['happened' => '1'])->assertSessionHasNoErrors();

        self::assertTrue(app(VesselReader::class)->record($this->machine, 'tub', $this->user->home())->hasLiveMeeting());
        $this->get('/')->assertSee('Danger in the tub');
    }

    public function test_soap_left_in_the_tub_stands_in_the_way_of_a_cycle_until_it_is_gone(): void
    {
        $this->pour('dish-soap', more: ['happened' => '1']);
        $round = $this->startRound($this->user, $this->machine, 'hot-wash');
        $steps = array_filter($round->fittedProcedure()->steps, static fn (Step $step): bool => $step->runsTheMachine());
        $step = array_values($steps)[0];
        $gate = app(RunGate::class);
        $trouble = fn (): string => (string) $gate->trouble($round, $step, $round->progress(), $this->user->home());

        self::assertStringContainsString('foam', $trouble());
        $this->post("/machines/{$this->machine->id}/vessels/tub/clear", ['id' => $this->ulid()]);
        self::assertStringNotContainsString('foam', $trouble());
    }
}
