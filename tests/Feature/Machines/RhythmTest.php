<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Models\Entry;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use Tests\TestCase;

final class RhythmTest extends TestCase
{
    use OpenedMachine;

    public function test_the_rhythm_place_shows_a_year_with_its_openings_and_a_table(): void
    {
        $this->opened('2026-03-01', 'patchy');
        $this->opened('2026-03-29', 'heavy');
        $this->opened('2026-05-20', 'film', 'film');
        $entry = Entry::query()->orderByDesc('happened_at')->firstOrFail();

        $page = $this->get('/rhythm?table=filter')->assertOk()->assertSee('Fine filter')->assertSee('learned from 2 checks')->assertSee(
            'href="/logbook?entry='.$entry->id.'"',
            false,
        )
            ->assertSee('20 May 2026: film found, left film')->assertSee(
                'It started from every month, 30 days, as you picked; at 7 loads a week that is 30 loads.',
            );
        $page->assertSeeInOrder(['20 May', 'film, 10 %', '29 March', 'heavy, 60 %']);
        $this->get("/logbook?entry=$entry->id")
            ->assertSee(__('logbook.head.pointed'))
            ->assertSee('aria-current="true"', false)
            ->assertSee('Fine filter checked: film');
        $this->get('/logbook?entry='.$this->ulid())->assertOk()->assertSee(__('logbook.head.days'));
        $this->get('/rhythm?machine=nonsense')->assertOk()->assertSee('Galley');
    }

    public function test_every_date_can_be_checked_line_by_line(): void
    {
        $this->opened('2026-04-16', 'clear');
        $this->opened('2026-05-16', 'heavy');
        // H(0.6) = ln(0.4)/ln(0.65) = 2.13; the start weighs 0.84 by now: (25.23 + 30) / (0.84 + 2.13) = 18.61 days
        $this->get("/machines/{$this->machine->id}/rhythm/filter")->assertOk()->assertSee(
            __('rhythm.step_found', [
                'grade' => 'heavy', 'percent' => '60', 'uses' => '30 days', 'foulings' => '2.13',
                'left' => '0', 'added' => '2.13',
            ]),
        )
            ->assertSee('55.23 ÷ 2.97 = 18.61')->assertSee('30 days to begin with; never below 7 or above 365 days')
            ->assertSee('0 left in place + 30 ÷ 18.61 = 1.61 (30 days since 16 May)')
            ->assertSee(__('rhythm.sum_due_past', ['day' => '4 June 2026']));
        $this->get("/machines/{$this->machine->id}/rhythm/front")->assertNotFound();
        $this->get("/machines/{$this->machine->id}/rhythm/nonsense")->assertNotFound();
    }

    public function test_a_measured_fraction_teaches_like_a_grade(): void
    {
        $this->opened('2026-04-16', 'clear');
        $this->opened('2026-05-16', 'clear', 'heavy', measured: '35');
        self::assertEqualsWithDelta(30.0, $this->rhythm()->clocks[0]->learned->interval, 1e-9);
        self::assertEqualsWithDelta(2.0, $this->rhythm()->wear, 1e-9, 'what was left cannot be fouler than what was found');
        $this->post(
            "/machines/{$this->machine->id}/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-05-17', 'found' => 'clear', 'left' => 'clear', 'measured' => '101'],
        )->assertSessionHasErrors('measured');
    }

    public function test_what_is_due_and_nearly_due_on_a_machine_is_proposed_as_one_round(): void
    {
        $this->opened('2026-05-10', 'patchy');
        $this->opened('2026-05-20', 'patchy', task: 'seal');
        $this->opened('2026-03-30', 'patchy', task: 'racks');
        $other = $this->machineOf($this->user, [
            'name' => 'Cabin',
            'traits' => ['tub' => 'plastic', 'filter' => 'flat-plate', 'arms' => 'two', 'outside' => 'painted'],
            'habits' => ['loadsPerWeek' => 7.0, 'plates' => 'scrape'],
            'schools' => [],
        ]);
        $this->get('/')->assertSee('Four jobs on two machines.')->assertSeeInOrder(
            ['In the same round', 'Door and seal', 'Nearly due, and the machine is open anyway.', 'Then: Cabin'],
        )
            ->assertSee('value="filter-clean"', false)->assertSee('value="door-and-seal"', false)->assertSee('value="racks"', false);
        $this->post("/machines/{$this->machine->id}/rounds", ['procedures' => ['filter-clean', 'door-and-seal', 'racks']])
            ->assertRedirect();
        $this->get('/')->assertSee(__('views/today/ask.a_round_is_under_way'));
        self::assertSame('Cabin', $other->name);
    }

    public function test_a_symptom_makes_its_job_due_and_teaches_once_it_is_confirmed(): void
    {
        $this->opened('2026-05-20', 'clear');
        $this->opened('2026-06-10', 'film');
        $this->get('/')->assertSee(__('views/today/ask.nothing'));
        $before = $this->rhythm()->deciding->learned->interval;
        $id = $this->ulid();
        $this->get("/machines/{$this->machine->id}?task=filter")->assertSee(__('views/components/care/task-tile.something_points_to_it'));
        $this->get("/machines/{$this->machine->id}/trace?task=filter")->assertSee('What points to it: fine filter?')->assertSeeInOrder(
            ['Grit or specks on everything', 'An arm does not spin'],
        );
        $noticed = ['since' => '2026-06-15', 'task' => 'filter'];
        $this->post("/machines/{$this->machine->id}/traces", ['id' => $id, 'symptoms' => ['food-bits']] + $noticed)
            ->assertSessionHasNoErrors();
        $this->post("/machines/{$this->machine->id}/traces", ['id' => $this->ulid(), 'symptoms' => ['moonlight']] + $noticed)
            ->assertSessionHasErrors('did');
        $this->post(
            "/machines/{$this->machine->id}/traces",
            ['id' => $this->ulid(), 'symptoms' => ['food-bits'], 'task' => 'moon'] + $noticed,
        )->assertSessionHasErrors('did');
        $id = Entry::query()->where('kind', EntryKind::Symptom)->sole()->id;
        $this->post("/machines/{$this->machine->id}/traces", ['id' => $wrong = $this->ulid(), 'symptoms' => ['smell']] + $noticed)
            ->assertSessionHas(
                'undo',
                \App\Support\DerivedUlid::of($wrong, 'smell'),
            );
        $this->post('/entries/'.\App\Support\DerivedUlid::of($wrong, 'smell').'/void', ['id' => $this->ulid()])->assertSessionHasNoErrors();
        $this->get('/')
            ->assertSee(__('views/today/ask.one_round_today'))
            ->assertSee(__('reasons.signal-symptom', ['name' => 'Food bits on dishes']));
        $this->clock->move('+1 hour');
        $this->walk($this->startRound($this->user, $this->machine), ['found' => 'clogged']);
        $this->clock->move('+1 hour');
        $this->get('/')->assertSee(__('views/today/beside.is_it_gone'));
        $unsure = $this->rhythm()->deciding->learned->interval;
        $this->post("/entries/$id/cause", ['id' => $this->ulid(), 'caused' => '1'])->assertSessionHasNoErrors();
        $this->get('/')->assertDontSee(__('views/today/beside.is_it_gone'));
        self::assertLessThan($before, $unsure);
        $this->get("/machines/{$this->machine->id}/rhythm/filter")->assertSee(
            'a symptom came from it, so it counts as clogged (85 % blocked) after 5 days',
        );
        $opening = Entry::query()->where('kind', EntryKind::Opening)->firstOrFail();
        $this->post("/entries/$opening->id/cause", ['id' => $this->ulid(), 'caused' => '1'])->assertSessionHasErrors('did');
    }

    public function test_a_light_the_person_sees_makes_the_job_due_even_without_a_clock(): void
    {
        $cup = $this->machineOf($this->user, [
            'name' => 'Cup',
            'kind' => 'pod-brewer',
            'traits' => ['light' => 'light', 'cartridge' => 'no-cartridge'],
            'habits' => ['brewsPerWeek' => 7.0],
            'schools' => ['descale' => 'light'],
        ]);
        $this->get("/rhythm?machine=$cup->id")->assertSee('No schedule, done when you like: descale');
        $this->post("/machines/$cup->id/lights", ['id' => $this->ulid(), 'light' => 'descale', 'on' => '1'])->assertSessionHasNoErrors();
        $this->post("/machines/$cup->id/lights", ['id' => $this->ulid(), 'light' => 'moon', 'on' => '1'])->assertSessionHasErrors('did');
        $this->get("/machines/$cup->id?task=descale")->assertSee(__('reasons.signal-light', ['name' => 'descale']));
        $this->get('/')->assertSee('Descale');
        $this->post("/machines/$cup->id/lights", ['id' => $this->ulid(), 'light' => 'descale', 'on' => '0']);
        $this->get("/rhythm?machine=$cup->id")->assertSee('No schedule, done when you like: descale');
    }

    public function test_the_water_page_shows_what_would_move_and_a_strip_sets_it(): void
    {
        $pot = $this->machineOf($this->user, [
            'name' => 'Pot',
            'kind' => 'drip-brewer',
            'traits' => ['programme' => 'manual', 'brewMl' => '1300'],
            'habits' => ['brewsPerWeek' => 7.0],
            'schools' => [],
        ]);
        $this->get('/household/water')->assertOk()->assertSee(__('views/machines/create.how_hard_is_your_water'));
        $this->get('/household/water?strip=5')
            ->assertSee(__('views/rhythm/start.this_is_what_would_move'))
            ->assertSee('60 pots → 22 pots')
            ->assertSee('38 days earlier');
        $this->get('/household/water?hardness=180&hardness_unit=mg/L')->assertSee(__('views/rhythm/start.no_date_would_move'));
        $this->get('/household/water?hardness=lots')->assertSessionHasErrors('hardness');
        self::assertNull($this->user->home()->refresh()->hardness);
        $this->put('/household/water', ['hardness' => '28', 'hardness_unit' => 'dH'])->assertRedirect('/household');
        $this->get("/machines/$pot->id/rhythm/descale")->assertSee(
            '78 litres × 180 ÷ 500 mg/L, kept between 26 and 156 litres. At 1.3 litres each, that is 22 pots',
        );
    }

    public function test_another_zone_moves_no_elapsed_day_twice(): void
    {
        $this->opened('2026-05-16', 'patchy');
        $before = $this->rhythm()->clocks[0]->clock->elapsed;
        $this->user->home()->update(['timezone' => 'Pacific/Kiritimati']);
        self::assertEqualsWithDelta($before, $this->rhythm()->clocks[0]->clock->elapsed, 1.0);
        $this->get('/rhythm')->assertOk();
        $this->user->home()->update(['timezone' => 'Pacific/Pago_Pago']);
        self::assertEqualsWithDelta($before, $this->rhythm()->clocks[0]->clock->elapsed, 1.0);
        $this->get("/machines/{$this->machine->id}/rhythm/filter")->assertOk();
    }
}
