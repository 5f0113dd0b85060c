<?php

declare(strict_types=1);

namespace Tests\Feature\Traces;

use App\Care\Readers\CareReader;
use App\Models\Entry;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Trace;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class TraceTest extends TestCase
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user, [
            'name' => 'Galley',
            'traits' => ['tub' => 'stainless', 'filter' => 'twist-out', 'arms' => 'two', 'airGap' => 'air-gap'],
            'habits' => ['loadsPerWeek' => 7.0, 'plates' => 'scrape'],
            'schools' => ['filter' => 'monthly'],
        ]);
        $this->actingAs($this->user);
    }

    /** @param list<string> $symptoms */
    private function begin(array $symptoms, string $since = '2026-06-14'): Trace
    {
        $id = $this->ulid();
        $this->post("/machines/{$this->machine->id}/traces", ['id' => $id, 'symptoms' => $symptoms, 'since' => $since, 'look' => '1'])
            ->assertRedirect("/traces/$id");

        return Trace::query()->findOrFail($id);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function answer(Trace $trace, string $card, ?string $result, string $kind = Trace::ANSWER, ?int $seen = null): TestResponse
    {
        return $this->post(
            "/traces/$trace->id/steps",
            ['seen' => $seen ?? count($trace->refresh()->steps), 'kind' => $kind, 'card' => $card, 'result' => $result],
        );
    }

    private static function first(string $html): string
    {
        preg_match('#<ul class="suspects">.*?<span>([^<]*)<#s', $html, $found);

        return $found[1] ?? '';
    }

    private static function chance(string $html): string
    {
        preg_match('#<ul class="suspects">.*?<strong>(.*?)</strong>#s', $html, $found);

        return $found[1] ?? '';
    }

    public function test_water_under_the_machine_is_switched_off_shut_and_called_for(): void
    {
        $trace = $this->begin(['leak-under']);
        $this->get("/traces/$trace->id")->assertSeeInOrder(
            ['Do this first', 'at its breaker', 'valve under the sink', 'Call somebody.', 'Somebody can be hurt.'],
        )
            ->assertDontSee('You put it right yourself')
            ->assertDontSee('has not helped either');
        $this->user->home()->update(['call_fee' => 1.0]); // calling costs least, and is still for safety
        $this->get("/traces/$trace->id")->assertSee('Somebody can be hurt.')->assertDontSee('You put it right yourself');
        $this->user->home()->update(['call_fee' => 120.0]);
        $this->get('/traces/'.$this->begin(['smell'])->id)->assertDontSee('Do this first')->assertSee('You put it right yourself');
    }

    public function test_what_is_not_offered_is_named_with_its_reason(): void
    {
        $trace = $this->begin(['mould-spots']);
        $this->get("/traces/$trace->id")->assertSee('Not offered here: Bleach wash')->assertDontSee(': left out');
    }

    public function test_a_picture_belongs_to_its_trace_and_other_files_are_refused(): void
    {
        $id = $this->ulid();
        $this->post("/machines/{$this->machine->id}/traces", [
            'id' => $id,
            'symptoms' => ['crust'],
            'since' => '2026-06-14',
            'photo' => UploadedFile::fake()->create('note.txt', 4, 'text/plain'),
        ])
            ->assertSessionHasErrors('photo');
        self::assertSame(0, Entry::query()->count());
        $this->post(
            "/machines/{$this->machine->id}/traces",
            ['id' => $id, 'symptoms' => ['crust'], 'since' => '2026-06-14', 'photo' => UploadedFile::fake()->image('crust.jpg', 60, 40)],
        )->assertRedirect("/traces/$id");
        $photo = Photo::query()->where('trace_id', $id)->firstOrFail();
        $this->get("/traces/$id")->assertSee("/photos/$photo->id");
        $this->get("/photos/$photo->id")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    }

    public function test_a_round_begun_from_a_card_leads_back_to_it_and_each_suspect_tells_what_moved_it(): void
    {
        $trace = $this->begin(['standing-water']);
        $this->answer($trace, 'listen', 'silent');
        $this->get("/traces/$trace->id")->assertSee('likelier: listen for half a minute at drain: nothing');
        $this->clock->move('+1 minute');
        $round = $this->startRound($this->user, $this->machine, 'filter-clean');
        $this->walk($round, ['found' => 'patchy']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished']);
        $this->get("/rounds/$round->id")->assertSee('Did it help? Back to what you were looking into')->assertSee("/traces/$trace->id");
    }

    public function test_what_is_noticed_is_written_down_with_or_without_looking_for_why(): void
    {
        $this->get("/machines/{$this->machine->id}/trace")->assertOk()->assertSee('What is it doing?')->assertSee('Food bits on dishes');
        $this->post(
            "/machines/{$this->machine->id}/traces",
            ['id' => $this->ulid(), 'symptoms' => ['zone-dirty'], 'since' => '2026-06-10', 'where' => 'upper-left', 'badly' => 'bearable'],
        )->assertRedirect("/machines/{$this->machine->id}");
        self::assertSame(0, Trace::query()->count());
        $this->get('/logbook')->assertSee('Noticed: one zone stays dirty, upper rack, left')->assertSee('10 June');

        foreach ([
            ['symptoms' => []],
            ['symptoms' => ['moonlight']],
            ['since' => '2026-06-16'],
            ['since' => 'lately'],
            ['where' => '<b>'],
            ['badly' => 'very'],
        ] as $wrong) {
            $this->post(
                "/machines/{$this->machine->id}/traces",
                $wrong + ['id' => $this->ulid(), 'symptoms' => ['smell'], 'since' => '2026-06-14', 'look' => '1'],
            )->assertSessionHasErrors();
        }
        self::assertSame([0, 1], [Trace::query()->count(), Entry::query()->count()]);
        $id = $this->ulid();
        for ($click = 0; $click < 2; ++$click) {
            $this->post(
                "/machines/{$this->machine->id}/traces",
                ['id' => $id, 'symptoms' => ['smell', 'slime'], 'since' => '2026-06-14', 'look' => '1'],
            )->assertRedirect("/traces/$id");
        }
        self::assertSame([1, 3], [Trace::query()->count(), Entry::query()->count()]);
    }

    public function test_answers_move_the_suspects_and_can_be_taken_back(): void
    {
        $trace = $this->begin(['standing-water']);
        $before = self::first(
            (string) $this->get("/traces/$trace->id")->assertOk()->assertSee('Suspects')->assertSee('Nothing yet.')->getContent(),
        );
        $this->answer($trace, 'listen', 'silent')->assertRedirect("/traces/$trace->id");
        $this->get("/traces/$trace->id")->assertSee('Listen for half a minute at drain: nothing')->assertSee('Copper mark');
        self::assertNotSame($before, self::first((string) $this->get("/traces/$trace->id")->getContent()));
        self::assertSame('The drain pump is dead', self::first((string) $this->get("/traces/$trace->id")->getContent()));
        $this->get('/logbook')->assertSee('Listen for half a minute at drain: nothing');
        $this->post("/traces/$trace->id/back", ['seen' => 1, 'place' => 0])->assertRedirect();
        $this->get('/logbook')->assertDontSee('Listen for half a minute at drain: nothing');
        self::assertSame($before, self::first((string) $this->get("/traces/$trace->id")->getContent()));
        $this->answer($trace, 'listen', null)->assertSessionHasErrors('result');
        $this->answer($trace, 'listen', 'hum', 'guess')->assertSessionHasErrors('kind');
    }

    public function test_what_cannot_be_looked_at_is_not_asked_again_and_other_cards_may_come_first(): void
    {
        $trace = $this->begin(['standing-water']);
        preg_match('/name="card" value="([^"]+)"/', (string) $this->get("/traces/$trace->id")->getContent(), $card);
        $this->answer($trace, $card[1] ?? '', null, Trace::SKIPPED);
        $page = (string) $this->get("/traces/$trace->id")->assertSee('left out')->getContent();
        preg_match('/name="card" value="([^"]+)"/', $page, $next);
        self::assertNotSame($card[1] ?? '', $next[1] ?? '');
        $this->get("/traces/$trace->id?card=clear-sump")
            ->assertSee('Clear the sump and free the impeller')
            ->assertSee('On average this order costs more, by about')
            ->assertSee('Start: sump and drain');
        $this->get("/traces/$trace->id?card=nonsense")->assertOk();
    }

    public function test_the_logbook_answers_what_it_already_knows(): void
    {
        $this->post(
            "/machines/{$this->machine->id}/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-06-14', 'found' => 'heavy', 'left' => 'clear'],
        );
        $trace = $this->begin(['food-bits']);
        $this->get("/traces/$trace->id")->assertSee('The filter against the light: light comes through')->assertSee('from the logbook');
        $this->clock->move('+5 days');
        $later = $this->begin(['food-bits'], '2026-06-19');
        $this->get("/traces/$later->id")->assertDontSee('from the logbook');
    }

    public function test_what_was_poured_and_a_light_that_is_on_are_not_asked_about(): void
    {
        $this->machine = $this->machineOf($this->user, [
            'name' => 'Pot',
            'kind' => 'drip-brewer',
            'traits' => ['programme' => 'programmed'],
            'habits' => ['brewsPerWeek' => 7.0],
            'schools' => [],
        ]);
        $this->get('/trace')->assertRedirect();
        $this->get("/machines/{$this->machine->id}/trace")->assertDontSee('value="light" checked', false);
        $this->post("/machines/{$this->machine->id}/lights", ['id' => $this->ulid(), 'light' => 'clean', 'on' => '1']);
        $this->get("/machines/{$this->machine->id}/trace")->assertSee('value="light" checked', false);
        $this->get('/trace')->assertRedirect("/machines/{$this->machine->id}/trace");
        $this->post(
            "/machines/{$this->machine->id}/vessels/reservoir/pour",
            ['id' => $this->ulid(), 'agent' => 'white-vinegar', 'how' => 'happened'],
        )->assertSessionHasNoErrors();
        $trace = $this->begin(['sour']);
        $this->get("/traces/$trace->id")->assertSee('Brew a cup of plain water and smell it: sour')->assertSee('from the logbook');
    }

    public function test_two_people_answering_at_once_are_told_and_nothing_is_lost(): void
    {
        $trace = $this->begin(['standing-water']);
        $this->answer($trace, 'listen', 'hum', seen: 0)->assertSessionHasNoErrors();
        $this->answer($trace, 'water-height', 'floor', seen: 0)->assertSessionHasErrors('did');
        self::assertCount(1, $trace->refresh()->steps);
    }

    public function test_an_answer_to_a_question_that_is_gone_from_the_handbook_is_left_aside(): void
    {
        $trace = $this->begin(['standing-water']);
        $trace->update(
            ['steps' => [
                ['kind' => 'answer', 'id' => 'gone-check', 'result' => 'x', 'at' => '2026-06-15 09:00:00'],
                ['kind' => 'answer', 'id' => 'listen', 'result' => 'gone-result', 'at' => '2026-06-15 09:00:00'],
            ]],
        );
        $this->get("/traces/$trace->id")
            ->assertOk()
            ->assertSee('an answer to a question that the handbook no longer asks')
            ->assertDontSee('contradict');
    }

    public function test_a_fix_is_asked_after_and_teaches_when_it_held(): void
    {
        $this->post(
            "/machines/{$this->machine->id}/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-06-01', 'found' => 'clear', 'left' => 'clear'],
        );
        $trace = $this->begin(['food-bits']);
        $this->get('/')->assertSee('Being looked into')->assertSee('food bits on dishes');
        $this->post("/traces/$trace->id/end", ['how' => 'fixed'])->assertSessionHasErrors('action');
        $this->post("/traces/$trace->id/end", ['how' => 'fixed', 'action' => 'prayer'])->assertSessionHasErrors('action');
        $this->post("/traces/$trace->id/end", ['how' => 'fixed', 'action' => 'clean-filter'])->assertSessionHasNoErrors();
        self::assertSame(['fixed', 'clean-filter', 'filter-clogged'], [$trace->refresh()->ended_how, $trace->fixed_by, $trace->cause]);
        $this->answer($trace, 'listen', 'hum')->assertSessionHasErrors('did');
        $this->get('/logbook')->assertSee('Fixed by: clean the filter');
        self::assertSame(
            0.0,
            app(CareReader::class)->machine($this->machine, $this->user->home())->tasks['filter']->rhythm->wear,
            'the job counts as done, though no round was run',
        );
        $this->get('/')->assertDontSee('Is it still fixed?');
        for ($load = 0; $load < 2; ++$load) {
            $this->clock->move('+1 day');
            $this->post("/machines/{$this->machine->id}/uses", ['id' => $this->ulid()]);
        }
        $this->get('/')->assertSee('Is it still fixed?');
        $interval = app(CareReader::class)->machine(
            $this->machine,
            $this->user->home(),
        )->tasks['filter']->rhythm->clocks[0]->learned->interval;
        $this->post("/traces/$trace->id/held", ['held' => '1'])->assertSessionHasNoErrors();
        self::assertTrue($trace->refresh()->held);
        self::assertSame(1, Entry::query()->where('kind', EntryKind::Confirmation)->count());
        self::assertLessThan(
            $interval,
            app(CareReader::class)->machine($this->machine, $this->user->home())->tasks['filter']->rhythm->clocks[0]->learned->interval,
        );
        $this->get('/')->assertDontSee('Is it still fixed?');

        $this->clock->move('+5 days');
        $again = $this->begin(['food-bits'], '2026-06-21');
        $this->get("/traces/$again->id")->assertSee('Here before')->assertSee('Clean the filter, 15 June. It held.', false);
        self::assertSame(
            'The fine filter is clogged',
            self::first((string) $this->get("/traces/$again->id")->getContent()),
            'what was confirmed here counts',
        );
        $this->get("/traces/$again->id")->assertSee('Learned here')->assertSee('The fine filter is clogged: confirmed once.');
        $this->get('/handbook/symptoms')->assertSee('clean the filter')->assertSee('the last time; it held 7 days');
        $this->get("/machines/{$this->machine->id}?task=filter")
            ->assertSee('What it caused, left too long')
            ->assertSee('Food bits on dishes');
        $chance = self::chance((string) $this->get("/traces/$again->id")->getContent());
        $this->clock->move('+1 minute');
        $this->post("/machines/{$this->machine->id}/forget")->assertSessionHasNoErrors();
        $this->get("/traces/$again->id")->assertDontSee('Learned here');
        self::assertNotSame($chance, self::chance((string) $this->get("/traces/$again->id")->getContent()));
    }

    public function test_a_fix_that_did_not_hold_opens_the_trace_again_with_what_was_tried(): void
    {
        $trace = $this->begin(['upper-dirty']);
        $this->post("/traces/$trace->id/end", ['how' => 'fixed', 'action' => 'clear-arms']);
        $this->post("/traces/$trace->id/held", ['held' => '0']);
        self::assertNull($trace->refresh()->ended_at);
        $this->get("/traces/$trace->id")->assertSee('Clear the spray arms: did not help')->assertSee('Suspects');
    }

    public function test_the_call_sheet_says_what_was_seen_and_done(): void
    {
        $trace = $this->begin(['standing-water']);
        $this->answer($trace, 'listen', 'silent');
        $this->answer($trace, 'clear-sump', null, Trace::FAILED);
        $this->get("/traces/$trace->id/sheet")
            ->assertOk()
            ->assertSee('Call sheet')
            ->assertSee('Listen for half a minute at drain: nothing')
            ->assertSee('Clear the sump and free the impeller: did not help')
            ->assertSee('rating label');
        $this->put(
            "/machines/{$this->machine->id}",
            ['name' => 'Galley', 'traits' => $this->machine->traits + ['vent' => 'vent'], 'model' => 'T-60', 'serial' => '0042'],
        )->assertSessionHasNoErrors();
        $this->post(
            "/machines/{$this->machine->id}/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-06-12', 'found' => 'heavy', 'left' => 'clear'],
        );
        $this->get("/traces/$trace->id/sheet")->assertSee('Model: T-60. Serial: 0042.')->assertSee(
            '12 June 2026: Fine filter. Found: heavy; left: clear',
        );
        $pdf = $this->get("/traces/$trace->id/sheet.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        self::assertStringStartsWith('%PDF-', (string) $pdf->getContent());
        $this->post("/traces/$trace->id/end", ['how' => 'called']);
        $this->get("/traces/$trace->id")->assertSee('Somebody was called on 15 June.');
        $this->post("/traces/$trace->id/end", ['how' => 'hired'])->assertSessionHasErrors('how');
    }

    public function test_what_trouble_costs_decides_when_calling_is_better(): void
    {
        $trace = $this->begin(['standing-water']);
        $this->answer($trace, 'listen', 'silent');
        $settings = ['name' => 'Home', 'timezone' => 'Europe/Stockholm', 'measures' => 'metric'];
        $this->put('/household', $settings + ['hour_value' => '60', 'call_fee' => '2'])->assertSessionHasNoErrors();
        $this->get("/traces/$trace->id")->assertSee('Nothing that is left is worth trying');
        $this->put('/household', $settings + ['hour_value' => '60', 'call_fee' => '0'])->assertSessionHasErrors('call_fee');
    }
}
