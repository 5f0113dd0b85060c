<?php

declare(strict_types=1);

namespace Tests\Feature\Rounds;

use App\Models\Round;
use Tests\TestCase;

/** How a round begins and ends. */
final class RoundEndTest extends TestCase
{
    use MachineInUse;

    public function test_an_ended_round_takes_no_more_ticks(): void
    {
        $round = $this->round();
        $this->tick($round, 'kit');
        $this->post("/rounds/$round->id/end", ['how' => 'stopped'])->assertSessionHasNoErrors();
        $written = count($this->written());

        $this->tick($round, 'hold-to-light', 'patchy')->assertSessionHasErrors('did');
        $this->postJson("/rounds/$round->id/ticks", ['id' => $this->ulid(), 'step' => 'power-off'])
            ->assertUnprocessable()
            ->assertJsonFragment(
                ['message' => 'This round has ended, so nothing more was written. Start a new one to go on.'],
            );
        self::assertCount($written, $this->written());
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasNoErrors();
        self::assertSame('stopped', $round->refresh()->ended_how);
    }

    public function test_two_clicks_on_start_make_one_round(): void
    {
        self::assertSame($this->round()->id, $this->round()->id);
        $this->get('/')->assertSee(__('views/machines/show.a_round_is_under_way'));
        $this->post("/machines/{$this->machine->id}/rounds", ['task' => 'filter', 'procedure' => 'juggle'])->assertSessionHasErrors('did');
        $this->post("/machines/{$this->machine->id}/rounds", ['task' => 'heater'])->assertSessionHasErrors('did');
        self::assertSame(1, Round::query()->count());
    }

    public function test_the_pull_test_must_be_answered_before_the_end(): void
    {
        $round = $this->round('look-and-wipe');
        foreach (['kit', 'rack-out', 'pick-floor', 'filter-out-twist'] as $step) {
            $this->tick($round, $step);
        }
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasErrors('did');
        $this->post("/rounds/$round->id/end", ['how' => 'stopped'])->assertSessionHasErrors('did');
        $this->walk($round, ['lock' => 'holds']);
        $this->tick($round, 'lock-test')->assertSessionHasErrors('did');
        $this->tick($round, 'lock-test', 'maybe')->assertSessionHasErrors('did');
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasNoErrors();
        self::assertSame([], $round->refresh()->open_ends);
    }

    public function test_a_filter_that_lifts_is_not_forgotten(): void
    {
        $round = $this->round('look-and-wipe');
        foreach (['kit', 'rack-out', 'pick-floor', 'filter-out-twist'] as $step) {
            $this->tick($round, $step);
        }
        $this->tick($round, 'hold-to-light', 'clear');
        foreach (['tap-rinse', 'wipe-floor', 'refit-twist'] as $step) {
            $this->tick($round, $step);
        }
        $this->tick($round, 'lock-test', 'lifts');
        $this->get("/rounds/$round->id")->assertSee('line the arrows or tabs up');
        $this->tick($round, 'lock-test', 'lifts', ['overruled' => '1']);
        $this->tick($round, 'rack-in');
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasErrors('did');
        $this->post("/rounds/$round->id/end", ['how' => 'finished', 'knows' => '1'])->assertSessionHasNoErrors();

        $this->get('/')->assertSee('was left unfinished')->assertSee('the filter lifts');
        $this->get('/logbook')->assertSee('The round ended with something left unfinished');
        $this->clock->move('+1 hour');
        $again = $this->round('look-and-wipe');
        $this->walk($again, []);
        $this->post("/rounds/$again->id/end", ['how' => 'finished']);
        $this->get('/')->assertDontSee('was left unfinished');
    }

    public function test_a_descaling_seen_through_is_over_and_belongs_to_the_tank(): void
    {
        $brewer = $this->machineOf(
            $this->user,
            ['kind' => 'drip-brewer', 'name' => 'Pot', 'traits' => ['programme' => 'programmed'], 'habits' => [], 'schools' => []],
        );
        $round = $this->startRound($this->user, $brewer, 'descale-programme');
        $this->walk($round, ['pots' => 'lime-slow']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")->assertSee('Descale: next on')->assertDontSee('still due')->assertSee(
            __('logbook.opening.cleaned', ['part' => 'Water tank', 'found' => 'slow', 'left' => 'normal']),
        );
    }

    public function test_stopping_with_parts_off_says_so_on_today(): void
    {
        $round = $this->round();
        foreach (['kit', 'power-off', 'rack-out', 'pick-floor', 'filter-out-twist'] as $step) {
            $this->tick($round, $step);
        }
        $this->post("/rounds/$round->id/end", ['how' => 'stopped', 'knows' => '1'])->assertSessionHasNoErrors();
        $this->get('/')
            ->assertSee(__('rounds.open.part-off', ['part' => 'fine filter']))
            ->assertSee(__('rounds.open.part-off', ['part' => 'lower rack']));
    }

    public function test_a_round_keeps_to_the_handbook_it_began_with(): void
    {
        $round = $this->round();
        $script = $round->script;
        $script['kinds'][0]['steps'][0]['title'] = 'An older first step.';
        $round->update(['script' => $script]);
        $this->get("/rounds/$round->id")->assertSee('An older first step.');
    }
}
