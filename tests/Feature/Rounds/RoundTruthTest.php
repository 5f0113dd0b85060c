<?php

declare(strict_types=1);

namespace Tests\Feature\Rounds;

use App\Models\Entry;
use App\Models\Round;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use Tests\TestCase;

/** What a round writes down is what follows from its ticks, whatever is changed, left out, repeated or taken back. */
final class RoundTruthTest extends TestCase
{
    use RoundOnMachine;

    public function test_an_answer_changed_from_passed_to_failed_takes_the_opening_along(): void
    {
        $pot = $this->machineOf(
            $this->user,
            ['kind' => 'drip-brewer', 'name' => 'Pot', 'traits' => ['programme' => 'manual'], 'habits' => [], 'schools' => []],
        );
        $round = $this->begin(['descale-manual'], $pot);
        $this->tick($round, 'pot-look', 'lime-slow');
        $this->tick($round, 'smell', 'no-smell');
        self::assertSame(
            [0.6, 0],
            [$this->payloads($round, EntryKind::Opening)[0]['found'], (int) $this->payloads($round, EntryKind::Opening)[0]['left']],
        );
        $this->tick($round, 'smell', 'smells');
        self::assertSame(
            [0.6, 0.6],
            [$this->payloads($round, EntryKind::Opening)[0]['found'], $this->payloads($round, EntryKind::Opening)[0]['left']],
            'it is not descaled after all',
        );
        self::assertSame([], $this->payloads($round, EntryKind::Clearing));
    }

    public function test_what_was_taken_back_stays_so_until_the_step_is_ticked_again(): void
    {
        $round = $this->begin(['filter-clean']);
        $this->tick($round, 'hold-to-light', 'heavy');
        $opening = Entry::query()->where('kind', EntryKind::Opening)->sole();
        $this->post("/entries/$opening->id/void")->assertRedirect();
        $this->tick($round, 'scrape');
        self::assertSame([], $this->payloads($round, EntryKind::Opening), 'another step brings nothing back');
        $this->tick($round, 'hold-to-light', 'heavy');
        self::assertSame(0.6, $this->payloads($round, EntryKind::Opening)[0]['found'] ?? null, 'the same tick again writes it again');
    }

    public function test_a_step_that_is_left_out_afterwards_says_nothing_any_more(): void
    {
        $round = $this->begin(['filter-clean']);
        $this->tick($round, 'hold-to-light', 'heavy');
        $this->tick($round, 'hold-to-light', null, ['how' => 'skipped'])->assertSessionHasNoErrors();
        self::assertSame([], $this->payloads($round, EntryKind::Opening));
    }

    public function test_bad_answers_are_refused_in_words_and_nothing_is_written(): void
    {
        $round = $this->begin(['filter-clean', 'door-and-seal']);
        $this->tick($round, 'hold-to-light', 'seal-black')->assertSessionHasErrors(
            ['did' => 'That answer is not on the scale of this part. Pick one of those shown: Hold the filter to the light. Which one is '
                .'it?'],
        );
        $this->tick($round, 'hold-to-light', 'heavy', ['also' => 'gold'])->assertSessionHasErrors(
            ['did' => 'That is not one of the answers to: What is on it?'],
        );
        $this->tick($round, 'hold-to-light', 'clear')->assertSessionHasNoErrors();
        $this->tick($round, 'soak')->assertSessionHasErrors(
            ['did' => '“Soak” does not come up in this round with the answers given so far.'],
        );
        $this->tick($round, 'polish')->assertSessionHasErrors(['did' => 'This round has no step polish.']);
        self::assertSame(1, $round->ticks()->count());
    }

    public function test_a_task_without_a_clock_goes_through_its_grading(): void
    {
        $cabin = $this->machineOf(
            $this->user,
            ['name' => 'Cabin', 'traits' => ['filter' => 'screwed'], 'schools' => ['strip' => 'on-need']],
        );
        $round = $this->begin(['strip-down'], $cabin);
        $this->walk($round, ['body' => 'heavy', 'body-left' => 'clear', 'water' => 'dry']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")->assertOk()->assertSee(__('rounds.done_headline'));
        self::assertSame(
            ['sump', 'strip'],
            array_column($this->payloads($round, EntryKind::Opening), 'task'),
            'it answers for the sump as well',
        );

        $pods = $this->machineOf($this->user, [
            'kind' => 'pod-brewer',
            'name' => 'Pods',
            'traits' => ['light' => 'light'],
            'habits' => [],
            'schools' => ['descale' => 'light'],
        ]);
        $this->walk($round = $this->begin(['descale-pods'], $pods), ['cups' => 'lime-slow']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")->assertOk();
    }

    public function test_a_descaling_for_the_light_ends_with_the_light_out(): void
    {
        $pods = $this->machineOf($this->user, [
            'kind' => 'pod-brewer',
            'name' => 'Pods',
            'traits' => ['light' => 'light'],
            'habits' => [],
            'schools' => ['descale' => 'light'],
        ]);
        $this->actingAs($this->user)
            ->post("/machines/$pods->id/lights", ['id' => $this->ulid(), 'light' => 'descale', 'on' => '1'])
            ->assertSessionHasNoErrors();
        $this->clock->move('+1 hour');
        $round = $this->begin(['descale-pods'], $pods);
        $this->walk($round, ['cups' => 'lime-slow']);
        self::assertSame([['light' => 'descale', 'on' => false]], $this->payloads($round, EntryKind::Light));
        $this->post("/rounds/$round->id/end", ['how' => 'finished']);
        $this->get('/')->assertDontSee('The descale light is on');
    }

    public function test_a_check_that_fails_has_an_honest_way_on(): void
    {
        $round = $this->begin(['drain-path']);
        for ($turn = 0; $turn < 40 && 'drain-try' !== ($step = $round->load('ticks')->progress()->current())?->id; ++$turn) {
            $this->tick($round, $step->id ?? '', $step->capture->options[0]->id ?? null)->assertSessionHasNoErrors();
        }
        $this->tick($round, 'drain-try', 'stands')->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")->assertSee(__('views/components/round/step.leave_it_like_this_and_go'));
        $this->tick($round, 'drain-try', 'stands', ['overruled' => '1'])->assertSessionHasNoErrors();
        self::assertNull($round->load('ticks')->progress()->current());
        $this->post("/rounds/$round->id/end", ['how' => 'finished', 'knows' => '1'])->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")->assertSee('the water does not drain')->assertSee(__('views/rounds/summary.look_for_the_cause'));
        $this->get('/')->assertSee('the water does not drain');
    }

    public function test_the_round_offers_the_cycle_that_what_was_found_calls_for(): void
    {
        $round = $this->begin(['filter-clean']);
        $this->tick($round, 'hold-to-light', 'film', ['also' => 'crust']);
        $this->walk($round, []);
        $this->get("/rounds/$round->id")
            ->assertSee('You found white crust on the filter.')
            ->assertSee(__('views/rounds/show.finish_then_start', ['offer' => 'acid wash']));
        $this->post("/rounds/$round->id/end", ['how' => 'finished', 'then' => 'acid-wash'])->assertSessionHasNoErrors();
        self::assertSame(['acid-wash'], Round::query()->latest('id')->firstOrFail()->procedures);
        $steel = $this->begin(['door-and-seal']);
        $this->tick($steel, 'seal-look', 'seal-spots', ['also' => 'mould']);
        $this->walk($steel, []);
        $this->get("/rounds/$steel->id")
            ->assertSee(__('views/rounds/show.finish_then_start', ['offer' => 'hot wash']))
            ->assertDontSee('bleach wash');
    }

    public function test_what_is_learned_of_the_machine_on_the_way_and_needs_another_tool_says_so_until_it_was_used(): void
    {
        $ama = $this->member();
        $kettle = $this->machineOf($ama, ['kind' => 'kettle', 'traits' => ['body' => 'steel']]);
        $this->actingAs($ama)->post("/machines/$kettle->id/rounds", ['task' => 'descale', 'procedure' => 'descale'])->assertRedirect();
        $round = Round::query()->latest('id')->firstOrFail();
        $this->tick($round, 'kit');
        $this->tick($round, 'off-base');
        $fetch = __('rounds.unlisted', ['what' => app(Handbook::class)->kitName('soft-brush')]);
        $this->get("/rounds/$round->id")->assertOk()->assertDontSee($fetch);

        $this->put("/machines/$kettle->id/traits/strainer", ['value' => 'strainer', 'round' => $round->id])
            ->assertSessionHasNoErrors();
        $this->tick($round, 'look-in', 'crust-covered')->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")->assertOk()->assertSee($fetch);
        foreach ([['descale-with', 'vinegar'], ['strainer-out'], ['vinegar-in']] as $step) {
            $this->tick($round, $step[0], $step[1] ?? null, ['sure' => '1'])->assertSessionHasNoErrors();
        }
        $this->clock->set('2026-06-15T11:00:00Z');
        $this->tick($round, 'vinegar-out')->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")->assertOk()->assertSee($fetch);
        $this->tick($round, 'strainer-rinse')->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")->assertOk()->assertDontSee($fetch);
    }
}
