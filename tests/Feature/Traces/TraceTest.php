<?php

declare(strict_types=1);

namespace Tests\Feature\Traces;

use App\Models\Entry;
use App\Models\Photo;
use App\Models\Trace;
use Illuminate\Http\UploadedFile;
use Tests\TestCase;

final class TraceTest extends TestCase
{
    use TracedMachine;

    public function test_water_under_the_machine_is_switched_off_shut_and_called_for(): void
    {
        $trace = $this->begin(['leak-under']);
        $this->get("/traces/$trace->id")->assertSeeInOrder(
            ['Do this first', 'at its breaker', 'valve under the sink', 'Call a technician.', 'This can hurt someone.'],
        )
            ->assertDontSee(__('views/traces/show.you_put_it_right_yourself'))
            ->assertDontSee('has not helped either');
        $this->user->home()->update(['call_fee' => 1.0]); // calling costs least, and is still for safety
        $this->get("/traces/$trace->id")
            ->assertSee(__('traces.why_hazard'))->assertDontSee(__('views/traces/show.you_put_it_right_yourself'));
        $this->user->home()->update(['call_fee' => 120.0]);
        $this->get('/traces/'.$this->begin(['smell'])->id)
            ->assertDontSee(__('traces.first'))->assertSee(__('views/traces/show.you_put_it_right_yourself'));
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

    public function test_only_cards_and_answers_of_the_handbook_are_taken(): void
    {
        $trace = $this->begin(['standing-water']);
        foreach ([['no-such', 'x', Trace::ANSWER], ['listen', 'purple', Trace::ANSWER], ['listen', null, Trace::FAILED],
            ['clear-sump', 'x', Trace::ANSWER], ['<b>', null, Trace::SKIPPED]] as [$card, $result, $kind]) {
            $this->answer($trace, $card, $result, $kind)->assertSessionHasErrors('did');
        }
        self::assertSame([], $trace->refresh()->steps);
    }

    public function test_a_card_that_fits_a_new_part_leads_to_ordering_it(): void
    {
        $trace = $this->begin(['smell']);
        $parts = "/machines/{$this->machine->id}/parts?part=seal";
        $this->get("/traces/$trace->id?card=new-seal")->assertSee('Replace the seal')->assertSee($parts);
        $this->get("/traces/$trace->id?card=freshener")->assertDontSee($parts);
    }

    public function test_a_round_begun_from_a_card_leads_back_to_it_and_each_suspect_tells_what_moved_it(): void
    {
        $trace = $this->begin(['standing-water']);
        $this->answer($trace, 'listen', 'silent');
        $this->get("/traces/$trace->id")->assertSee(__('traces.raised', ['answer' => 'listen for half a minute at drain: nothing']));
        $this->clock->move('+1 minute');
        $round = $this->startRound($this->user, $this->machine, 'filter-clean');
        $this->walk($round, ['found' => 'patchy']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished']);
        $this->get("/rounds/$round->id")->assertSee(__('views/rounds/summary.did_it_help_back_to_what'))->assertSee("/traces/$trace->id");
    }

    public function test_what_is_noticed_is_written_down_with_or_without_looking_for_why(): void
    {
        $this->get("/machines/{$this->machine->id}/trace")
            ->assertOk()->assertSee(__('views/traces/create.what_is_it_doing'))->assertSee('Food bits on dishes');
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
            (string) $this->get("/traces/$trace->id")
                ->assertOk()->assertSee(__('views/traces/show.suspects'))
                ->assertSee(__('views/components/trace/call-sheet.nothing_yet'))->getContent(),
        );
        $this->answer($trace, 'listen', 'silent')->assertRedirect("/traces/$trace->id");
        $this->get("/traces/$trace->id")
            ->assertSee('Listen for half a minute at drain: nothing')
            ->assertSee(__('views/traces/show.copper_mark_before_your_last_answer'));
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
        $page = (string) $this->get("/traces/$trace->id")->assertSee(__('views/rounds/show.left_out'))->getContent();
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
        $this->get("/traces/$trace->id")
            ->assertSee('The filter against the light: light comes through')
            ->assertSee(__('views/traces/show.from_the_logbook'));
        $this->post("/traces/$trace->id/end", ['how' => 'left']);
        $this->clock->move('+5 days');
        $later = $this->begin(['food-bits'], '2026-06-19');
        $this->get("/traces/$later->id")->assertDontSee(__('views/traces/show.from_the_logbook'));
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
        $this->get("/traces/$trace->id")
            ->assertSee('Brew a cup of plain water and smell it: sour')
            ->assertSee(__('views/traces/show.from_the_logbook'));
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
            ->assertSee(__('traces.gone'))
            ->assertDontSee('contradict');
    }
}
