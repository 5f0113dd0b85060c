<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\Round;
use GoodRinse\Core\Handbook\Procedure\Step;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class MachineTest extends TestCase
{
    /**
     * @param array<string, mixed> $with
     *
     * @return array<string, mixed>
     */
    public static function answers(array $with = []): array
    {
        return $with + [
            'id' => (string) Str::ulid(), 'kind' => 'dishwasher', 'name' => 'Tarnbeck 60', 'place' => '',
            'traits' => ['tub' => 'stainless', 'filter' => 'twist-out', 'arms' => 'three'],
            'habits' => ['loadsPerWeek' => '7', 'plates' => 'scrape'],
            'schools' => ['filter' => 'monthly'],
            'cleaned_on' => '',
        ];
    }

    public function test_a_machine_nobody_has_opened_asks_for_one_look(): void
    {
        $this->actingAs($this->member())->post('/machines', self::answers())->assertRedirect('/');

        $this->get('/')->assertSee(__('views/today/ask.look_at_it_once'))->assertSee('Check it once to set the schedule')->assertSee(
            __('rhythm.start', ['school' => 'every month', 'base' => '30 days']),
        );
        self::assertSame(0, Entry::query()->count(), 'nothing is invented');
    }

    public function test_habits_move_the_start(): void
    {
        $this->actingAs($this->member())->post(
            '/machines',
            self::answers(['habits' => ['loadsPerWeek' => '7', 'plates' => 'neither'], 'schools' => [], 'cleaned_on' => '2026-06-10']),
        );
        $this->get('/')
            ->assertSee(__('reasons.clock-decides-since', [
                'elapsed' => '5 days', 'since' => '10 June', 'absent' => '', 'interval' => '7',
            ]));
        $this->get('/rhythm?table=filter')->assertSee('which fits how you use it (straight in)');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badAnswers(): iterable
    {
        yield 'no name' => [['name' => ''], 'name'];
        yield 'a name without end' => [['name' => str_repeat('n', 61)], 'name'];
        yield 'an unknown kind' => [['kind' => 'toaster'], 'kind'];
        yield 'a trait that is none' => [['traits' => ['tub' => 'gold', 'filter' => 'twist-out', 'arms' => 'two']], 'traits.tub'];
        yield 'too many loads' => [['habits' => ['loadsPerWeek' => '900', 'plates' => 'scrape']], 'habits.loadsPerWeek'];
        yield 'loads that are no number' => [['habits' => ['loadsPerWeek' => 'lots', 'plates' => 'scrape']], 'habits.loadsPerWeek'];
        yield 'an impossible day' => [['cleaned_on' => '2026-02-30'], 'cleaned_on'];
        yield 'a day from another age' => [['cleaned_on' => '1825-02-03'], 'cleaned_on'];
        yield 'a day to come' => [['cleaned_on' => '2026-06-17'], 'did'];
        yield 'no id' => [['id' => ''], 'id'];
        yield 'lists where words belong' => [['name' => ['a', 'b'], 'kind' => ['x']], 'name'];
    }

    /** @param array<string, mixed> $with */
    #[DataProvider('badAnswers')]
    public function test_bad_answers_are_named_and_what_was_typed_stays(array $with, string $key): void
    {
        $this->actingAs($this->member())->from('/machines/new')->post('/machines', self::answers($with + ['place' => 'Galley']))
            ->assertRedirect('/machines/new')->assertSessionHasErrors($key)->assertSessionHasInput('place', 'Galley');
        self::assertSame(0, Machine::query()->count());
        $this->get('/machines/new')->assertOk()->assertSee('Galley');
    }

    public function test_what_nobody_knows_is_asked_when_a_round_shows_it(): void
    {
        $user = $this->member();
        $this->actingAs($user)->post(
            '/machines',
            self::answers(['traits' => ['tub' => 'stainless', 'filter' => '', 'mesh' => ''], 'habits' => ['plates' => ''], 'water' => '']),
        )->assertRedirect('/');
        $machine = Machine::query()->sole();
        self::assertSame(
            [['tub' => 'stainless'], ['loadsPerWeek' => 5]],
            [$machine->traits, $machine->habits],
            'only what was said is kept',
        );
        self::assertNull($user->refresh()->home()->hardness);
        $this->get("/machines/$machine->id")
            ->assertSee(__('views/machines/parts.not_known_yet'))->assertSee(__('views/machines/show.still_unknown'));

        $round = $this->startRound($user, $machine, 'filter-clean');
        $this->tick($round, 'kit');
        $this->tick($round, 'power-off');
        $this->get("/rounds/$round->id")->assertDontSee('Before you go on');
        $this->tick($round, 'rack-out');
        $this->get("/rounds/$round->id")
            ->assertSee(__('views/components/form/trait-question.before_you_go_on'))
            ->assertSee('What sits in the floor, under the lower rack?')
            ->assertDontSee('What is the inside made of?');
        self::assertContains('filter-out-twist', self::stepsOf($round), 'as long as nobody knows it is the usual one');

        $this->put("/machines/$machine->id/traits/filter", ['value' => 'flat-plate', 'round' => $round->id])
            ->assertRedirect("/rounds/$round->id");
        self::assertContains('filter-out-plate', self::stepsOf(Round::query()->findOrFail($round->id)));
        $this->get("/rounds/$round->id")->assertDontSee('What sits in the floor, under the lower rack?');
        $this->putJson("/machines/$machine->id/traits/heater", ['value' => 'exposed'])->assertOk()->assertJsonStructure(['message']);
        foreach (['gold' => 'value', '' => 'value'] as $wrong => $key) {
            $this->put("/machines/$machine->id/traits/mesh", ['value' => $wrong])->assertSessionHasErrors($key);
        }
        $this->put("/machines/$machine->id/traits/moon", ['value' => 'full'])->assertNotFound();
        self::assertSame('exposed', $machine->refresh()->traits['heater']);
    }

    /** @return list<string> */
    private static function stepsOf(Round $round): array
    {
        return array_map(static fn (Step $step): string => $step->id, $round->fittedProcedure()->steps);
    }

    public function test_water_that_nobody_measured_is_asked_once_and_moves_the_descaling(): void
    {
        $user = $this->member();
        $this->actingAs($user)->get('/machines/new?kind=drip-brewer')->assertSee(__('views/machines/create.how_hard_is_your_water'));
        $this->post('/machines', ['id' => (string) Str::ulid(), 'kind' => 'drip-brewer', 'name' => 'Pot', 'water' => 'sea'])
            ->assertSessionHasErrors('water');
        $this->post('/machines', ['id' => (string) Str::ulid(), 'kind' => 'drip-brewer', 'name' => 'Pot'])->assertRedirect('/');
        $this->get('/')->assertSee(__('views/machines/create.how_hard_is_your_water'))->assertSee('It sets how often Pot is descaled.');
        $this->put('/household/water', ['hardness' => '24', 'hardness_unit' => 'dH', 'back' => 'today'])->assertRedirect('/');
        self::assertSame(24.0, $user->refresh()->home()->hardness);
        $this->get('/')->assertDontSee(__('views/machines/create.how_hard_is_your_water'));
        $this->get('/machines/new?kind=dishwasher')->assertDontSee(__('views/machines/create.how_hard_is_your_water'));
    }

    public function test_the_hood_is_not_asked_for_water_and_a_first_answer_is_kept(): void
    {
        $user = $this->member();
        $this->actingAs($user)
            ->get('/machines/new?kind=hood')
            ->assertDontSee(__('views/machines/create.how_hard_is_your_water'))
            ->assertSee('How often do you fry?');
        $this->post('/machines', self::answers(['water' => 'very-hard']))->assertRedirect('/');
        self::assertSame(24.0, $user->refresh()->home()->hardness);
        $this->post('/machines', self::answers(['water' => 'soft']))->assertRedirect('/');
        self::assertSame(24.0, $user->refresh()->home()->hardness, 'what is known is not overwritten by a guess');
    }

    public function test_a_second_click_adds_no_second_machine(): void
    {
        $this->actingAs($this->member());
        $answers = self::answers(['cleaned_on' => '2026-06-01']);
        $this->post('/machines', $answers)->assertRedirect('/');
        $this->post('/machines', $answers)->assertRedirect('/');

        self::assertSame(1, Machine::query()->count());
        self::assertSame(1, Entry::query()->count());
    }

    public function test_every_kind_of_filter_has_a_page_and_a_round(): void
    {
        $user = $this->member();
        foreach (['twist-out', 'flat-plate', 'sealed', 'none'] as $filter) {
            foreach (['one', 'three'] as $arms) {
                $machine = $this->machineOf($user, ['traits' => ['tub' => 'plastic', 'filter' => $filter, 'arms' => $arms]]);
                $this->actingAs($user)->get("/machines/$machine->id")->assertOk()->assertSee($machine->name);
                $round = $this->startRound($user, $machine);
                $this->walk($round, ['found' => 'heavy']);
                $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasNoErrors();
                self::assertSame('finished', $round->refresh()->ended_how);
            }
        }
    }

    public function test_changing_the_school_changes_the_date(): void
    {
        $user = $this->member();
        $this->actingAs($user)->post('/machines', self::answers(['cleaned_on' => '2026-06-10']));
        $machine = Machine::query()->firstOrFail();
        $this->get("/machines/$machine->id/edit")->assertOk();
        $this->put("/machines/$machine->id", self::answers(['name' => 'Galley']))->assertRedirect("/machines/$machine->id");
        $this->get("/machines/$machine->id?task=filter")
            ->assertSee('Galley')->assertSee(__('views/components/care/task-tile.rhythm', ['rhythm' => '30 days']));
        $start = ['habits' => $machine->habits, 'schools' => ['filter' => 'quarterly']];
        $this->get("/machines/$machine->id/start?".http_build_query($start))->assertOk()->assertSeeInOrder(
            ['This is what would move.', 'Fine filter', '30 days → 90 days', '60 days later'],
        );
        $this->get("/machines/$machine->id?task=filter")->assertSee(__('views/components/care/task-tile.rhythm', ['rhythm' => '30 days']));
        $this->put("/machines/$machine->id/start", $start)->assertRedirect('/rhythm?machine='.$machine->id);

        $this->get("/machines/$machine->id?task=filter")
            ->assertSee(__('views/components/care/task-tile.rhythm', ['rhythm' => '90 days or 90 loads']));
    }

    public function test_counting_a_load_once_for_one_click(): void
    {
        $user = $this->member();
        $machine = $this->machineOf($user);
        $id = $this->ulid();
        $this->actingAs($user)->post("/machines/$machine->id/uses", ['id' => $id])->assertRedirect();
        $this->post("/machines/$machine->id/uses", ['id' => $id])->assertSessionHasNoErrors();
        self::assertSame(1, Entry::query()->count());
        $this->get('/')->assertSee(__('today.use.week', ['uses' => '1']));

        $this->post("/entries/$id/void", ['id' => $this->ulid()]);
        $this->get('/')->assertSee('not counted lately');
        $this->post("/machines/$machine->id/uses", ['id' => 'not-a-ulid'])->assertSessionHasErrors('id');
    }

    public function test_an_opening_without_a_round_is_written_down(): void
    {
        $user = $this->member();
        $machine = $this->machineOf($user);
        $send = fn (array $with) => $this->actingAs($user)->post(
            "/machines/$machine->id/openings",
            $with + ['id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-05-16', 'found' => 'patchy', 'left' => 'clear'],
        );
        $send([])->assertSessionHasNoErrors();
        $send(['on' => '2026-06-09'])->assertSessionHasNoErrors();
        $this->get("/machines/$machine->id")
            ->assertSee(__('reasons.learned', [
                'grade' => 'Patchy', 'uses' => '24 days', 'before' => '30 days',
                'after' => '27', 'limit' => '',
            ]));

        $send(['on' => '2026-06-16'])->assertSessionHasErrors('did');
        $send(['on' => '2026-06-31'])->assertSessionHasErrors('on');
        $send(['found' => 'filthy'])->assertSessionHasErrors('found');
        $send(['task' => 'heater'])->assertSessionHasErrors('task');
        self::assertSame(2, Entry::query()->count());
    }
}
