<?php

declare(strict_types=1);

namespace Tests\Feature\Measures;

use App\Care\Readers\CareReader;
use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Opening;
use GoodRinse\Core\Quantity\Measures;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Cup, time, weight and mesh: what is measured is kept, judged against this machine, and what cannot be is asked about. */
final class InstrumentsTest extends TestCase
{
    private User $user;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member(Household::factory()->create(['hardness' => 19.0, 'hardness_unit' => 'dH'])->refresh());
        $this->actingAs($this->user);
    }

    private function machine(string $kind): Machine
    {
        return $this->machineOf($this->user, ['kind' => $kind, 'traits' => [], 'habits' => [], 'schools' => []]);
    }

    /** @param list<array{float|int|string, float|int|string}> $looks */
    private function cup(Machine $machine, array $looks, bool $clean = false, string $cup = '250'): void
    {
        $this->from(route('measures.cup', $machine))->post(route('measures.cup', $machine), [
            'id' => (string) Str::ulid(), 'cup' => $cup, 'shape' => 'straight', 'clean' => $clean ? '1' : null,
            'minute' => array_column($looks, 0), 'level' => array_column($looks, 1),
        ]);
    }

    public function test_a_cup_is_judged_against_the_best_one_with_everything_clean(): void
    {
        $machine = $this->machine('dishwasher');
        $this->cup($machine, [[0, 0], [1, 120]]);
        $this->get(route('measures.cup', $machine))->assertSee(__('measures.cup.verdict.no-baseline'));
        $this->cup($machine, [[0, 0], [1, 200]], clean: true);
        $this->get(route('measures.cup', $machine))->assertSee(__('measures.cup.verdict.good'))->assertSee('200 ml');
        $this->cup($machine, [[0, 0], [1, 30]]);
        $this->get(route('measures.cup', $machine))->assertSee(__('measures.cup.advice.keep-checking', ['minute' => '6']));
        $this->cup($machine, [[0, 0], [1, 30], [2, 60], [6, 100]]);
        $this->get(route('measures.cup', $machine))->assertSee(__('measures.cup.verdict.starved'));
        $this->cup($machine, [[0, 0], [2, 250]]);
        $this->get(route('measures.cup', $machine))->assertSee('≥ 125 ml');
        $this->get(route('logbook'))->assertSee(__('measures.instrument.cup.name'));
    }

    public function test_trends_follow_what_is_written_down_and_taken_back_and_each_span_is_its_own(): void
    {
        $machine = $this->machine('dishwasher');
        $this->get(route('measures', $machine))->assertOk()->assertDontSee('120 ml');
        $this->cup($machine, [[0, 0], [1, 120]]);
        $this->get(route('measures', $machine))->assertSee('120 ml');
        $this->get(route('measures', [$machine, 'years' => 10]))->assertSee('120 ml')
            ->assertDontSee('200 ml');
        $this->cup($machine, [[0, 0], [1, 200]]);
        foreach ([[$machine], [$machine, 'years' => 10]] as $page) {
            $this->get(route('measures', $page))->assertSee('200 ml');
        }
        $this->post(route('entries.void', $machine->entries()->orderByDesc('seq')->firstOrFail()))->assertRedirect();
        $this->get(route('measures', $machine))->assertSee('120 ml')->assertDontSee('200 ml');
    }

    public function test_a_cup_in_fluid_ounces_is_kept_in_millilitres(): void
    {
        $this->user->home()->update(['measures' => Measures::UnitedStates]);
        $machine = $this->machine('dishwasher');
        $this->cup($machine, [[0, 0], [1, 4]], cup: '8');

        $payload = (array) $machine->entries()->where('kind', EntryKind::Cup)->firstOrFail()->payload;
        self::assertSame([237.0, '[[0.0,0.0],[1.0,118.0]]'], [(float) $payload['cup'], $payload['looks']]);
    }

    /** @return iterable<string, array{list<array{float|int|string, float|int|string}>, 1?: string}> */
    public static function badCups(): iterable
    {
        yield 'a single look' => [[[0, 0]]];
        yield 'time that runs backwards' => [[[2, 0], [1, 40]]];
        yield 'a level above the cup' => [[[0, 0], [1, 260]], '250.5'];
        yield 'a minute without its level' => [[[0, 0], [1, '']]];
        yield 'less than nothing' => [[[0, 0], [1, -3]]];
        yield 'a cup of 0 ml' => [[[0, 0], [1, 40]], '0'];
        yield 'an hour' => [[[0, 0], [61, 40]]];
    }

    /** @param list<array{float|int|string, float|int|string}> $looks */
    #[DataProvider('badCups')]
    public function test_a_cup_that_cannot_be_is_refused_and_what_was_typed_stays(array $looks, string $cup = '250'): void
    {
        $machine = $this->machine('dishwasher');
        $this->cup($machine, '250.5' === $cup ? [[0, 0], [1, -1]] : $looks, cup: $cup);

        self::assertTrue(session()->has('errors'));
        self::assertSame($cup, session()->getOldInput('cup'));
        self::assertSame(0, $machine->entries()->count());
    }

    private function pot(Machine $machine, string $at, string $minutes): void
    {
        $this->clock->set($at);
        $this->post(route('measures.lime', $machine), ['id' => (string) Str::ulid(), 'minutes' => $minutes, 'seconds' => '0'])
            ->assertSessionHasNoErrors();
    }

    public function test_a_pot_that_takes_a_quarter_longer_makes_descaling_due_whatever_the_clock_says(): void
    {
        $machine = $this->machine('drip-brewer');
        $care = fn (): array => [...app(CareReader::class)->machine($machine->refresh(), $this->user->home())->tasks];
        $this->post(route('openings.store', $machine), [
            'id' => (string) Str::ulid(), 'task' => 'descale', 'on' => '2026-06-15', 'found' => 'lime-none', 'left' => 'lime-none',
        ])->assertSessionHasNoErrors();
        $this->pot($machine, '2026-06-16T09:00:00Z', '6');
        self::assertFalse($care()['descale']->isDue());
        $this->pot($machine, '2026-06-20T09:00:00Z', '7.4');
        self::assertFalse($care()['descale']->isDue());
        $this->pot($machine, '2026-06-21T09:00:00Z', '7.5');

        self::assertTrue($care()['descale']->isDue());
        $this->get(route('today'))->assertSee(__('reasons.signal-slow', ['name' => '25']));
        $this->get(route('measures.lime', $machine))->assertSee('7:30 min')->assertSee('6:00 min');

        $this->clock->set('2026-06-22T09:00:00Z');
        $this->post(route('openings.store', $machine), [
            'id' => (string) Str::ulid(), 'task' => 'descale', 'on' => '2026-06-22', 'found' => 'lime-slower', 'left' => 'lime-none',
        ]);
        self::assertFalse($care()['descale']->isDue(), 'descaling puts it right');
    }

    public function test_a_time_that_no_pot_takes_is_refused(): void
    {
        $machine = $this->machine('drip-brewer');
        foreach ([
            ['minutes' => '0', 'seconds' => '5'],
            ['minutes' => '61'],
            ['minutes' => 'long'],
            [],
            ['minutes' => '5', 'seconds' => '70'],
        ] as $time) {
            $this->post(route('measures.lime', $machine), ['id' => (string) Str::ulid()] + $time)->assertSessionHasErrors();
        }
        self::assertSame(0, $machine->entries()->count());
    }

    public function test_acid_is_worked_out_from_the_lime_there_is(): void
    {
        $machine = $this->machine('drip-brewer');

        $this->get(route('measures.lime', [$machine, 'agent' => 'citric-acid', 'amount' => '50']))->assertOk()
            ->assertSee('19 °dH')->assertSee('about 20 g')
            ->assertDontSee(__('measures.lime.acid.too_little'));
        $this->get(route('measures.lime', [$machine, 'agent' => 'bleach', 'amount' => '-4']))->assertOk();
    }

    public function test_water_that_no_tap_has_is_asked_about_and_who_is_sure_is_believed(): void
    {
        $this->put(route('water'), ['hardness' => '300', 'hardness_unit' => 'dH'])->assertSessionHasErrors('hardness');
        self::assertSame(19.0, (float) $this->user->home()->refresh()->hardness);
        $this->put(route('water'), ['hardness' => '300', 'hardness_unit' => 'mg/L'])->assertSessionHasNoErrors();
        $this->put(route('water'), ['hardness' => '60', 'hardness_unit' => 'dH', 'sure' => '1'])->assertSessionHasNoErrors();
        self::assertSame(60.0, (float) $this->user->home()->refresh()->hardness);
    }

    private function weigh(Machine $machine, string $at, string $grams, string $as, bool $sure = false): void
    {
        $this->clock->set($at);
        $this->post(route('measures.grease', $machine), [
            'id' => (string) Str::ulid(), 'weight' => $grams, 'as' => "weight-$as", 'sure' => $sure ? '1' : null,
        ])->assertRedirect(route('measures.grease', $machine));
    }

    public function test_filters_on_the_scales_say_how_fast_grease_gathers_and_odd_weights_are_asked_about(): void
    {
        $hood = $this->machine('hood');
        $count = static fn (): int => $hood->entries()->where('kind', EntryKind::Measurement)->count();
        $this->weigh($hood, '2026-06-15T09:00:00Z', '640', 'after');
        $this->weigh($hood, '2026-07-15T09:00:00Z', '670', 'before');
        $this->weigh($hood, '2026-07-15T12:00:00Z', '672', 'after');
        self::assertSame(2, $count(), 'still wet?');
        self::assertNotNull(session('doubt'));
        $this->get(route('measures.grease', $hood))->assertSee('name="sure"', false)->assertSee('value="672"', false);
        $this->weigh($hood, '2026-07-15T12:00:00Z', '710', 'after');
        self::assertSame(2, $count(), 'swapped?');
        $this->weigh($hood, '2026-07-15T13:00:00Z', '300', 'before');
        self::assertSame(2, $count(), 'lighter than clean');
        $this->weigh($hood, '2026-07-15T18:00:00Z', '641', 'after');
        self::assertSame(3, $count());
        $this->weigh($hood, '2026-07-16T18:00:00Z', '300', 'before', sure: true);
        self::assertSame(4, $count(), 'but who is sure is believed');

        $this->get(route('measures.grease', $hood))->assertSee('641 g')->assertSee('30 g');
    }

    public function test_cells_tapped_on_a_picture_are_the_opening_of_that_mesh(): void
    {
        $machine = $this->machine('dishwasher');
        $id = strtoupper((string) Str::ulid());
        $this->post(route('measures.grid', $machine), ['id' => $id, 'photo' => UploadedFile::fake()->image('mesh.jpg', 800, 600)])
            ->assertRedirect(route('measures.grid.photo', [$machine, $id]));
        $this->get(route('measures.grid.photo', [$machine, $id]))->assertOk()->assertSee('name="shut[]"', false);
        $this->post(route('measures.grid.photo', [$machine, $id]), [
            'id' => (string) Str::ulid(), 'task' => 'filter', 'mask' => 'whole', 'means' => 'found', 'shut' => range(0, 11),
        ])->assertRedirect(route('measures.grid', $machine));

        $opening = Entry::query()->where('kind', EntryKind::Opening)->firstOrFail()->decode();
        self::assertInstanceOf(Opening::class, $opening);
        self::assertSame(['filter', 0.25, Opening::COUNTED], [$opening->task, $opening->found?->value, $opening->how]);
        $this->get(route('measures.grid', $machine))->assertSee(__('reasons.measured', ['percent' => '25']));
        self::assertSame(Photo::MESH, Photo::query()->firstOrFail()->step);

        $this->post(route('measures.grid.photo', [$machine, $id]), [
            'id' => (string) Str::ulid(), 'task' => 'arms', 'mask' => 'whole', 'means' => 'found',
        ]);
        self::assertSame(2, $machine->entries()->count(), 'arms are no mesh');
    }

    public function test_what_is_no_picture_and_what_is_another_s_is_refused(): void
    {
        $machine = $this->machine('dishwasher');
        $this->post(route('measures.grid', $machine), [
            'id' => (string) Str::ulid(), 'photo' => UploadedFile::fake()->create('mesh.jpg', 20, 'image/jpeg'),
        ]);
        self::assertSame(0, Photo::query()->count());

        $id = strtoupper((string) Str::ulid());
        $this->post(route('measures.grid', $machine), ['id' => $id, 'photo' => UploadedFile::fake()->image('mesh.jpg', 80, 60)]);
        $this->get(route('measures.grid.photo', [$this->machine('dishwasher'), $id]))->assertNotFound();
        $this->actingAs($this->member());
        $this->get(route('measures.grid.photo', [$machine, $id]))->assertNotFound();
        foreach (['measures', 'measures.cup', 'measures.grid'] as $route) {
            $this->get(route($route, $machine))->assertNotFound();
        }
    }
}
