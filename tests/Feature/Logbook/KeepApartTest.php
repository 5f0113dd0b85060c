<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Care\Readers\VesselReader;
use App\Models\Entry;
use App\Models\Round;
use GoodRinse\Core\Chemistry\VesselLedger;
use GoodRinse\Core\Handbook\Handbook;
use Tests\TestCase;

/** What must not meet: by hand, in a round, on Today and in the logbook. */
final class KeepApartTest extends TestCase
{
    use PouringHousehold;

    public function test_the_verdict_on_every_agent_is_said_before_anything_is_saved(): void
    {
        $this->pour('white-vinegar');
        $this->get("/machines/{$this->machine->id}/vessels/tub/pour")->assertOk()
            ->assertSeeInOrder(['Since it was last cleared', 'white vinegar'])
            ->assertSeeInOrder(['chlorine bleach', 'clear first', 'chlorine gas', 'Run one full plain cycle.'])
            ->assertSeeInOrder(['dish soap', 'with care'])->assertSeeInOrder(['baking soda', 'cancels out']);
        self::assertSame(1, Entry::query()->count());
    }

    public function test_what_is_poured_most_comes_first(): void
    {
        $page = fn (): string => (string) $this->get("/machines/{$this->machine->id}/vessels/sink/pour")->assertOk()->getContent();
        $order = static function (string $html): array {
            preg_match_all('/name="agent" value="([\w-]+)"/', $html, $agents);

            return $agents[1];
        };
        $before = $order($page());
        foreach (['lemon', 'dish-soap', 'dish-soap'] as $agent) {
            $this->pour($agent, 'sink', ['happened' => '1']);
        }
        $after = $order($page());
        self::assertSame(['dish-soap', 'lemon'], array_slice($after, 0, 2));
        self::assertSame(array_values(array_diff($before, ['dish-soap', 'lemon'])), array_slice($after, 2), 'the rest as before');
    }

    public function test_where_something_is_poured_most_comes_first(): void
    {
        $brewer = $this->machineOf($this->user, ['kind' => 'drip-brewer', 'name' => 'Skerry', 'traits' => []]);
        $first = function (string $page): string {
            preg_match('#/machines/[^/"]+/vessels/[^/"]+/pour#', (string) $this->get($page)->getContent(), $found);

            return $found[0] ?? '';
        };
        $this->pour('dish-soap', 'sink');
        $this->pour('dish-soap', 'sink');
        self::assertStringEndsWith('/vessels/sink/pour', $first('/'));
        self::assertStringEndsWith('/vessels/sink/pour', $first("/machines/{$this->machine->id}"));
        $own = array_key_first($brewer->kindIn($this->app->make(Handbook::class))->vessels);
        foreach (range(1, 3) as $ignored) {
            $this->post("/machines/$brewer->id/vessels/$own/pour", ['id' => $this->ulid(), 'agent' => 'white-vinegar']);
        }
        self::assertSame("/machines/$brewer->id/vessels/$own/pour", $first('/'));
    }

    public function test_what_must_not_go_in_is_refused_until_it_is_said_to_have_happened(): void
    {
        $this->pour('white-vinegar')->assertRedirect("/machines/{$this->machine->id}")->assertSessionHas('undo');
        $this->from("/machines/{$this->machine->id}/vessels/tub/pour")->pour('chlorine-bleach', more: ['amount' => '80'])
            ->assertRedirect("/machines/{$this->machine->id}/vessels/tub/pour")
                ->assertSessionHasErrors()
                ->assertSessionHasInput('amount', '80');
        self::assertSame(['white-vinegar'], $this->holds('tub'));

        $this->pour('chlorine-bleach', more: ['happened' => '1'])->assertRedirect("/machines/{$this->machine->id}/vessels/tub/happened");
        $this->get("/machines/{$this->machine->id}/vessels/tub/happened")->assertSee(
            __('places/vessels.met', ['second' => 'Chlorine bleach', 'first' => 'white vinegar', 'gives' => 'chlorine gas']),
        )
            ->assertSee('Leave the room')
                ->assertSee('nothing but water')
                ->assertSee('Add nothing to cancel it out')
                ->assertDontSee('neutrali');
        $this->get('/')->assertSee('Danger in the tub')->assertSee(__('views/components/vessel/notices.what_to_do_now'));
        $this->get('/logbook')->assertSee('which gives chlorine gas');
    }

    public function test_a_surface_that_never_takes_it_is_refused_too_and_says_what_to_do(): void
    {
        $this->machine->update(['traits' => ['tub' => 'stainless']]);
        $this->pour('chlorine-bleach')->assertSessionHasErrors();
        $this->pour('chlorine-bleach', more: ['happened' => '1'])->assertRedirect("/machines/{$this->machine->id}/vessels/tub/happened");
        $this->get("/machines/{$this->machine->id}/vessels/tub/happened")
            ->assertSee(__('views/vessels/happened.written_down_now_rinse_it_out'))
            ->assertSee('plenty of cold water')
            ->assertSee('Open the window');
    }

    public function test_what_is_in_force_stands_on_today_until_it_is_cleared_and_the_undo_brings_it_back(): void
    {
        $this->pour('citric-acid');
        $this->clock->move('+400 days');
        $this->get('/')
            ->assertSee('Keep apart: tub')
            ->assertSeeInOrder(['Citric acid since', '15 June', 'keep out', 'chlorine bleach', 'peroxides'])
            ->assertSee('The plain cycle has run');

        $id = $this->ulid();
        $this->from('/')
            ->post("/machines/{$this->machine->id}/vessels/tub/clear", ['id' => $id])
            ->assertRedirect('/')
            ->assertSessionHas('did');
        $this->get('/')->assertDontSee('Keep apart: tub');
        $this->post("/entries/$id/void", ['id' => $this->ulid()]);
        $this->get('/')->assertSee('Keep apart: tub');
    }

    public function test_bleach_remembered_a_day_late_shows_its_consequence(): void
    {
        $this->pour('white-vinegar', more: ['on' => '2026-06-15', 'at' => '08:30']);
        $this->pour('chlorine-bleach', more: ['on' => '2026-06-14', 'at' => '20:00'])->assertSessionHasNoErrors()
            ->assertRedirect("/machines/{$this->machine->id}/vessels/tub/happened");
        $this->get("/machines/{$this->machine->id}/vessels/tub/happened")->assertSee('White vinegar met chlorine bleach');

        $this->post("/machines/{$this->machine->id}/vessels/tub/clear", ['id' => $this->ulid()]);
        $this->pour('hydrogen-peroxide', more: ['on' => '2026-06-15', 'at' => '08:00', 'happened' => '1']);
        $this->get('/logbook')->assertSee('which gives peracid', false);
        self::assertSame([], $this->holds('tub'), 'it was all cleared later');
    }

    public function test_a_sink_is_shared_by_the_machines_of_a_household_and_by_no_other(): void
    {
        $other = $this->machineOf($this->user, ['name' => 'Second']);
        $this->pour('chlorine-bleach', 'sink');
        $this->get("/machines/$other->id/vessels/sink/pour")->assertSee(__('views/vessels/pour.since_it_was_last_cleared'));
        $this->get("/machines/$other->id/vessels/tub/pour")->assertSee(__('views/vessels/pour.as_far_as_the_logbook_knows'));

        $stranger = $this->member();
        $theirs = $this->machineOf($stranger);
        $this->actingAs($stranger)->get("/machines/$theirs->id/vessels/sink/pour")
            ->assertSee(__('views/vessels/pour.as_far_as_the_logbook_knows'));
        $this->get("/machines/$theirs->id/vessels/reservoir/pour")->assertNotFound();
        $this->get("/machines/$theirs->id/vessels/teapot/pour")->assertNotFound();
    }

    public function test_how_much_and_how_strong_is_written_as_it_was(): void
    {
        $this->user->home()->update(['vinegar_strength' => 4]);
        $round = $this->acidWashBeforeItsVinegar();
        $this->get("/rounds/$round->id")->assertSee('300 ml white vinegar');
        $this->tick($round, 'vinegar-cup', null, ['share' => '0.5', 'strength' => '6'])->assertSessionHasNoErrors();
        $dose = Entry::query()->where('kind', 'dose')->firstOrFail();
        self::assertEquals(['white-vinegar', 150, 6], [$dose->payload['agent'], $dose->payload['ml'], $dose->payload['strength']]);

        $this->tick($round, 'vinegar-cup', null, ['share' => '0'])->assertSessionHasNoErrors();
        self::assertSame([], $this->holds('tub'), 'nothing was poured after all');
        $this->tick($round, 'vinegar-cup', null, ['share' => '-3'])->assertSessionHasErrors('share');
    }

    public function test_a_household_without_harsh_chemicals_sees_bleach_and_degreaser_nowhere(): void
    {
        $this->get('/handbook')->assertSee('Bleach wash');
        $this->put('/household', ['name' => 'Home', 'timezone' => 'Europe/Stockholm', 'measures' => 'metric', 'no_harsh' => '1'])
            ->assertSessionHasNoErrors();
        $this->actingAs($this->user->refresh());
        $this->get('/handbook')->assertDontSee('handbook/dishwasher/bleach-wash', false);
        $this->get('/handbook/dishwasher/bleach-wash')->assertSee('Not on this machine')->assertDontSee('Start it on');
        $this->get('/handbook/dishwasher/filter-clean')->assertDontSee('chlorine bleach')->assertSee('brush the slime off');
        $this->from('/')
            ->post("/machines/{$this->machine->id}/rounds", ['procedure' => 'bleach-wash'])
            ->assertRedirect('/')
            ->assertSessionHasErrors();
        self::assertSame(0, Round::query()->count());
        $this->pour('alkaline-degreaser', 'sink')->assertSessionHasErrors();
    }

    public function test_something_that_is_not_in_the_handbook_can_be_written_down_and_is_never_waved_through_beside_a_residue(): void
    {
        $this->pour('something-else')->assertSessionHasNoErrors();
        $this->get("/machines/{$this->machine->id}/vessels/tub/pour")->assertSeeInOrder(
            ['chlorine bleach', 'clear first', 'Something else is not in the handbook'],
        );
        $this->pour('white-vinegar')->assertSessionHasErrors();
        $this->get('/logbook')->assertSee('Something else into the tub');
    }

    public function test_no_kept_record_differs_from_one_gathered_anew(): void
    {
        foreach ([['white-vinegar', 'tub'], ['lemon', 'sink'], ['dish-soap', 'bucket'], ['ammonia', 'bucket']] as [$agent, $vessel]) {
            $this->pour($agent, $vessel);
            $this->clock->move('+1 hour');
            $kept = app(VesselReader::class)->household($this->user->home());
            cache()->flush();
            self::assertEquals($kept, app(VesselReader::class)->household($this->user->home()));
        }
        self::assertEquals(
            app(VesselReader::class)->household($this->user->home()),
            app(VesselReader::class)->asOf($this->user->home(), $this->clock->now())->records(),
        );
        self::assertArrayHasKey(VesselLedger::key(null, 'sink'), $kept);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badPours(): iterable
    {
        yield 'no agent' => [['agent' => ''], 'agent'];
        yield 'an agent nobody knows' => [['agent' => 'moon-dust'], 'agent'];
        yield 'a list for a word' => [['agent' => ['lemon']], 'agent'];
        yield 'less than nothing' => [['amount' => '-3'], 'amount'];
        yield 'a lake' => [['amount' => '1e9'], 'amount'];
        yield 'no number' => [['amount' => 'a lot'], 'amount'];
        yield 'a unit nobody measures in' => [['amount' => '3', 'unit' => 'buckets'], 'unit'];
        yield 'stronger than pure' => [['strength' => '500'], 'strength'];
        yield 'no day' => [['on' => '2026-02-31'], 'on'];
        yield 'no time' => [['on' => '2026-02-01', 'at' => '25:00'], 'at'];
        yield 'tomorrow' => [['on' => '2026-06-16'], 'did'];
        yield 'no id' => [['id' => 'x'], 'id'];
    }

    /** @param array<string, mixed> $with */
    #[\PHPUnit\Framework\Attributes\DataProvider('badPours')]
    public function test_bad_pours_are_named_and_write_nothing(array $with, string $key): void
    {
        $this->from("/machines/{$this->machine->id}/vessels/tub/pour")->post(
            "/machines/{$this->machine->id}/vessels/tub/pour",
            $with + ['id' => $this->ulid(), 'agent' => 'lemon', 'amount' => '30'],
        )
            ->assertRedirect("/machines/{$this->machine->id}/vessels/tub/pour")->assertSessionHasErrors($key);
        self::assertSame(0, Entry::query()->count());
    }
}
