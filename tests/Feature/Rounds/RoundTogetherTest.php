<?php

declare(strict_types=1);

namespace Tests\Feature\Rounds;

use App\Models\Round;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use Tests\TestCase;

/** Several people, clocks and pours around one round. */
final class RoundTogetherTest extends TestCase
{
    use RoundOnMachine;

    public function test_a_clock_that_is_behind_dates_nothing_before_the_step_before_it(): void
    {
        $round = $this->begin(['racks']);
        $this->clock->move('+1 hour');
        $this->tick($round, 'kit');
        $this->clock->move('-30 minutes');
        $said = $this->postJson("/rounds/$round->id/ticks", ['id' => $this->ulid(), 'step' => 'basket-soak'])->assertOk()->json('warning');
        self::assertStringContainsString('A clock was behind', (string) $said);
        self::assertEquals($round->ticks()->where('step', 'kit')->sole()->at, $round->ticks()->where('step', 'basket-soak')->sole()->at);
    }

    public function test_of_two_people_cut_off_what_happened_last_counts_and_both_are_told(): void
    {
        $nils = $this->member($this->user->home());
        $nils->update(['name' => 'Nils']);
        $round = $this->begin(['filter-clean']);
        $this->clock->move('+20 minutes');
        $this->actingAs($nils)
            ->postJson("/rounds/$round->id/ticks", ['id' => $this->ulid(), 'step' => 'hold-to-light', 'answer' => 'film', 'ago' => 300])
            ->assertOk();
        $said = $this->actingAs($this->user)
            ->postJson("/rounds/$round->id/ticks", ['id' => $this->ulid(), 'step' => 'hold-to-light', 'answer' => 'heavy', 'ago' => 600])
            ->assertOk()
            ->json('warning');
        self::assertStringContainsString('Nils did “Hold to the light” after you', (string) $said);
        self::assertSame(0.1, $this->payloads($round, EntryKind::Opening)[0]['found'], 'what Nils saw five minutes later');
        $this->actingAs($nils)->get("/rounds/$round->id?step=hold-to-light")
            ->assertSee(__('views/components/round/step.you_two_answered_this_differently'));
    }

    public function test_soda_after_an_acid_cycle_that_has_ended_is_not_wasted_and_bleach_still_has_to_wait(): void
    {
        $round = $this->begin(['acid-wash', 'soda-freshening']);
        foreach ([
            'kit' => null,
            'empty' => null,
            'hot-tap' => null,
            'wash-with' => 'vinegar',
            'vinegar-cup' => null,
            'acid-cycle' => null,
            'acid-out' => null,
            'walls-wipe' => null,
        ] as $step => $answer) {
            $this->tick($round, $step, $answer)->assertSessionHasNoErrors();
        }
        $this->get("/rounds/$round->id")->assertSee('Strew baking soda')->assertDontSee('cancel');
        $this->post("/machines/{$this->machine->id}/vessels/tub/pour", ['id' => $this->ulid(), 'agent' => 'chlorine-bleach'])
            ->assertSessionHasErrors('did');
    }

    public function test_a_load_clears_the_tub_and_a_pour_of_yesterday_is_as_late_as_it_can_have_been(): void
    {
        $tub = "/machines/{$this->machine->id}/vessels/tub";
        $this->actingAs($this->user)->post("$tub/pour", ['id' => $this->ulid(), 'agent' => 'white-vinegar'])->assertSessionHasNoErrors();
        $this->clock->move('+3 hours');
        $this->get('/')->assertSee(__('views/components/page/handbook-tabs.keep_apart'));
        $this->post("/machines/{$this->machine->id}/uses", ['id' => $this->ulid()])->assertSessionHasNoErrors();
        $this->get('/')->assertDontSee(__('views/components/page/handbook-tabs.keep_apart'));

        $this->clock->move('+1 day');
        $this->post("$tub/clear", ['id' => $this->ulid()])->assertSessionHasNoErrors();
        $this->clock->move('+1 day');
        $this->post("$tub/pour", ['id' => $this->ulid(), 'agent' => 'white-vinegar', 'on' => '2026-06-16', 'happened' => '1'])
            ->assertSessionHasNoErrors();
        $this->get('/')->assertSee(__('views/components/page/handbook-tabs.keep_apart'));
    }

    public function test_an_inserted_cycle_says_who_poured_what_when(): void
    {
        $plastic = $this->machineOf($this->user, ['name' => 'Plastic', 'traits' => ['tub' => 'plastic', 'filter' => 'twist-out']]);
        $this->actingAs($this->user)
            ->post("/machines/$plastic->id/vessels/tub/pour", ['id' => $this->ulid(), 'agent' => 'chlorine-bleach', 'happened' => '1'])
            ->assertSessionHasNoErrors();
        $round = $this->begin(['acid-wash'], $plastic);
        foreach (['kit' => null, 'empty' => null, 'hot-tap' => null, 'wash-with' => 'vinegar'] as $step => $answer) {
            $this->tick($round, $step, $answer)->assertSessionHasNoErrors();
        }
        $this->get("/rounds/$round->id")
            ->assertSee('Run one full plain cycle.')
            ->assertSee("Chlorine bleach went in on 15 June ({$this->user->name}).")
            ->assertSee(
                'It must be gone before the white vinegar',
            );
    }

    public function test_a_running_round_is_stopped_from_today(): void
    {
        $round = $this->begin(['racks']);
        $this->get('/')->assertSee(__('views/today/ask.stop_this_round'));
        $this->post("/rounds/$round->id/end", ['how' => 'stopped'])->assertSessionHasNoErrors();
        $this->get('/')->assertDontSee(__('views/machines/show.a_round_is_under_way'));
    }
}
