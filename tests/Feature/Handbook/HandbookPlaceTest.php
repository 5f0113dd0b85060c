<?php

declare(strict_types=1);

namespace Tests\Feature\Handbook;

use App\Handbook\HandbookWords;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Measures;
use Illuminate\Support\Facades\Lang;
use Tests\TestCase;

final class HandbookPlaceTest extends TestCase
{
    public function test_every_procedure_of_every_kind_has_a_page_with_its_steps_amounts_and_reasons(): void
    {
        $user = $this->member(Household::factory()->create(['measures' => Measures::UnitedStates])->refresh());
        $this->actingAs($user);
        $handbook = app(Handbook::class);
        $numbered = 0;
        foreach (array_keys($handbook->kindNames()) as $kind) {
            foreach ($handbook->kind($kind)->procedureNames as $id => $name) {
                $procedure = $handbook->kind($kind)->procedures->procedure($id);
                $page = $this->get("/handbook/$kind/$id")->assertOk()->assertSee($name);
                foreach ($procedure->ends as $end) {
                    $page->assertSee($end);
                }
                $numbered += [] === $procedure->runs ? 1 : 0;
            }
        }
        self::assertSame(49, $numbered, 'each once, the change of a water filter once for each sort of brewer');
        $this->get('/handbook/dishwasher/acid-wash')
            ->assertSee('1 cup white vinegar, 5 %')
            ->assertSee('2 h 30 min, the machine works')
            ->assertSee('Acid stays away from bleach')
            ->assertSee(__('views/components/form/question.our_line'));
        foreach (['/handbook/dishwasher/polish', '/handbook/toaster/descale', '/handbook/dishwasher/%3Cscript%3E'] as $nowhere) {
            $this->get($nowhere)->assertNotFound();
        }
    }

    public function test_procedures_are_shown_as_they_are_done_on_my_machine(): void
    {
        $user = $this->member();
        $screwed = $this->machineOf(
            $user,
            ['name' => 'Skerry', 'traits' => ['filter' => 'screwed', 'screws' => '6', 'bit' => 'slot', 'tub' => 'stainless']],
        );
        $twist = $this->machineOf(
            $user,
            ['name' => 'Tarn', 'traits' => ['filter' => 'twist-out', 'tub' => 'plastic', 'mesh' => 'plastic']],
        );
        $this->actingAs($user);

        $this->get("/handbook/dishwasher/strip-down?machine=$screwed->id")
            ->assertSee('Undo the cover screws: 6.')
            ->assertSee('driver, flat blade')
            ->assertSee(__('views/handbook/procedure.start_it_on', ['machine' => 'Skerry']));
        $this->get("/handbook/dishwasher/strip-down?machine=$twist->id")
            ->assertSee(__('views/handbook/procedure.not_for_this_machine'))->assertDontSee('Start it on');
        $this->get("/handbook/dishwasher/bleach-wash?machine=$screwed->id")
            ->assertSee('Not')->assertDontSee(__('views/handbook/procedure.start_it_on', ['machine' => 'Skerry']));
        $this->get("/handbook/dishwasher/filter-clean?machine=$twist->id")
            ->assertSee('5 ml chlorine bleach')
            ->assertDontSee('brush the slime off');
        $index = (string) $this->get('/handbook')->assertSee('Tarn')->assertSee('Skerry')->assertDontSee('Cooker hood')->getContent();
        self::assertSame(1, substr_count($index, 'dishwasher/bleach-wash?'));
        $this->get('/handbook?show=all')->assertSee('Cooker hood')->assertSee('Pod coffee maker');
    }

    public function test_a_search_without_script_finds_the_same(): void
    {
        $user = $this->member();
        $this->machineOf($user);
        $this->actingAs($user)
            ->get('/handbook?q=VINEGAR%20rack')
            ->assertSee('Acid wash')
            ->assertDontSee('Drain path')
            ->assertDontSee('data-also hidden', false);
        $this->get('/handbook?q=musty')->assertSee('Musty or rotten smell')->assertDontSee('Acid wash</strong>', false);
        $this->get('/handbook?q=%3Cscript%3E')->assertOk()->assertDontSee('<script>', false);
    }

    public function test_the_symptom_index_names_causes_the_likeliest_first_and_what_helps(): void
    {
        $user = $this->member();
        $this->machineOf($user);
        $this->machineOf($user, ['name' => 'Zinc one', 'traits' => ['filter' => 'screwed']]);
        $this->actingAs($user)->get('/handbook/symptoms')->assertOk()->assertDontSee('It pulls weakly')
            ->assertSeeInOrder(['Food bits', 'clean the filter', 'Zinc one', 'Food bits', 'strip the sump down'])
            ->assertSeeInOrder(['The seal is torn', 'replace the seal', 'Burning smell', 'at its breaker'])
            ->assertSeeInOrder(['Only the upper rack is dirty', 'Jets of an upper arm are shut', 'clear the spray arms'])
            ->assertSeeInOrder(['Grinding, rattling', 'Something lies in the sump', 'Where this order comes from']);
        $this->get('/handbook/symptoms?show=all')->assertSee('It pulls weakly');
    }

    public function test_every_question_shows_its_sides_ours_and_the_reason(): void
    {
        $this->actingAs($this->member());
        $page = $this->get('/handbook/schools?show=all')->assertOk();
        foreach (app(Handbook::class)->questions() as $question) {
            $page->assertSee($question->question)->assertSee($question->reason);
            foreach ($question->sides as $side) {
                $page->assertSee($side->name)->assertSee($side->why);
            }
        }
        foreach (app(Handbook::class)->kind('hood')->tasks() as $task) {
            foreach ($task->schools as $school) {
                $page->assertSee($school->note);
            }
        }
    }

    public function test_the_chart_names_every_agent_and_surface_and_what_to_do_when_it_has_happened(): void
    {
        $this->actingAs($this->member());
        $page = $this->get('/handbook/keep-apart')
            ->assertOk()
            ->assertSee('chlorine gas')
            ->assertSee('Run one full plain cycle.')
            ->assertSee(__('views/handbook/keep-apart.time_alone_clears_nothing_what_went'));
        foreach (app(Handbook::class)->chemistry()->agents as $agent) {
            $page->assertSee($agent->name);
        }
        foreach (app(Handbook::class)->chemistry()->surfaces as $surface) {
            $page->assertSee($surface);
        }
    }

    public function test_a_door_card_is_a_pdf_of_this_machine(): void
    {
        $user = $this->member();
        foreach (['dishwasher', 'drip-brewer', 'pod-brewer', 'hood'] as $kind) {
            $machine = $this->machineOf($user, [
                'kind' => $kind,
                'name' => 'Ångström <b>',
                'traits' => 'dishwasher' === $kind ? ['arms' => 'three', 'vent' => 'vent', 'softener' => 'salt'] : [],
                'habits' => [],
            ]);
            $pdf = $this->actingAs($user)->get("/machines/$machine->id/card")->assertOk()->assertHeader('Content-Type', 'application/pdf');
            self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());
            self::assertSame(1, preg_match_all('~/Type /Page\b~', (string) $pdf->getContent()), "a $kind fits on one sheet");
            self::assertStringContainsString('angstrom-b-door-card.pdf', (string) $pdf->headers->get('Content-Disposition'));
        }
        $card = view('cards.door', app(
            \App\View\Pages\Machines\DoorCardPage::class,
        )->for(Machine::query()->where('kind', 'dishwasher')->firstOrFail(), $user->home()))->render();
        foreach ([
            'Rhythm',
            'every 30 days or',
            'into the tub: 240 ml white vinegar, 1 × machine cleaner (acid) or 1 × machine cleaner (oxygen)',
            'Lower rack.',
            'Glass hides here',
            'Ångström &lt;b&gt;',
        ] as $said) {
            self::assertStringContainsString($said, $card);
        }
    }

    public function test_words_that_the_pages_lack_for_the_handbook_are_named(): void
    {
        $words = new HandbookWords(app('translator'));
        self::assertSame([], $words->missing(app(Handbook::class)));

        app('translator')->load('*', 'logbook', 'en');
        $lines = (array) Lang::get('logbook');
        unset($lines['clearing']['rinse']);
        app('translator')->setLoaded(
            ['*' => [
                'logbook' => ['en' => $lines],
                'units' => ['en' => (array) Lang::get('units')],
                'rounds' => ['en' => (array) Lang::get('rounds')],
            ]],
        );
        $missing = array_map(strval(...), (new HandbookWords(app('translator')))->missing(app(Handbook::class)));
        self::assertStringStartsWith(
            'lang/en/logbook.php /clearing/rinse: has no words for what ',
            $missing[0] ?? '',
        );
    }

    public function test_hardness_sets_how_often_a_brewer_is_descaled(): void
    {
        $user = $this->member();
        $machine = $this->machineOf(
            $user,
            ['kind' => 'drip-brewer', 'traits' => ['brewMl' => '1300'], 'habits' => ['brewsPerWeek' => 7.0], 'schools' => []],
        );
        $this->actingAs($user)->get("/machines/$machine->id?task=descale")->assertSee('60 pots');
        $this->put(
            '/household',
            ['name' => 'Home', 'timezone' => 'UTC', 'measures' => 'metric', 'hardness' => '20', 'hardness_unit' => 'dH'],
        )->assertSessionHasNoErrors();
        $this->actingAs($user->refresh())->get("/machines/$machine->id?task=descale")->assertSee('30 pots');
        $this->put(
            '/household',
            ['name' => 'Home', 'timezone' => 'UTC', 'measures' => 'metric', 'hardness' => '-2', 'hardness_unit' => 'pebbles'],
        )->assertSessionHasErrors(['hardness', 'hardness_unit']);
    }
}
