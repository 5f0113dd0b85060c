<?php

declare(strict_types=1);

namespace Tests\Feature\Traces;

use App\Care\Readers\FixHistory;
use App\Models\Trace;
use Tests\TestCase;

/** One fault or several, what is in the way of a card, what came back, and what somebody who was called found. */
final class SeveralFaultsTest extends TestCase
{
    use TracedMachine;

    public function test_what_one_fault_does_not_explain_is_looked_into_by_itself_the_gravest_first(): void
    {
        $first = $this->begin(['film', 'smell', 'standing-water']);
        $all = Trace::query()->orderBy('begun_at')->get();

        self::assertEqualsCanonicalizing(['standing-water', 'smell'], $first->noticed());
        self::assertCount(2, $all);
        $film = $all->firstOrFail(static fn (Trace $trace): bool => ['film'] === $trace->noticed());
        $this->get("/traces/$first->id")->assertOk()->assertSee("/traces/$film->id");
        $this->get("/traces/$film->id")->assertOk()->assertSee("/traces/$first->id");
        $this->get('/')->assertSee("/traces/$first->id")->assertSee("/traces/$film->id");
        $this->post("/machines/{$this->machine->id}/traces", [
            'id' => $first->id,
            'symptoms' => ['film', 'smell', 'standing-water'],
            'since' => '2026-06-14',
            'look' => '1',
        ])->assertRedirect("/traces/$first->id");
        self::assertSame(2, Trace::query()->count(), 'a second click begins nothing');
    }

    public function test_what_is_being_looked_into_already_goes_on_with_what_is_new(): void
    {
        $first = $this->begin(['standing-water']);
        $this->answer($first, 'water-kind', 'clean')->assertRedirect();
        $this->post("/machines/{$this->machine->id}/traces", [
            'id' => $this->ulid(),
            'symptoms' => ['standing-water', 'hum-no-drain'],
            'since' => '2026-06-14',
            'look' => '1',
        ])->assertRedirect("/traces/$first->id");
        self::assertSame(1, Trace::query()->count());
        self::assertSame(['standing-water', 'hum-no-drain'], $first->refresh()->noticed());
        self::assertCount(1, $first->steps);
    }

    public function test_each_card_has_a_title_of_its_own_and_says_what_is_in_its_way(): void
    {
        $trace = $this->begin(['standing-water']);
        $titles = [];
        foreach (['water-kind' => 'clean', 'listen' => 'hum', 'well-look' => 'fine'] as $check => $result) {
            $page = (string) $this->get("/traces/$trace->id?card=$check")->assertOk()->getContent();
            preg_match('#<h1[^>]*>(.*?)</h1>#s', $page, $heading);
            preg_match('#<title>(.*?)</title>#s', $page, $title);
            $titles[] = [trim($heading[1] ?? ''), trim($title[1] ?? '')];
        }
        self::assertCount(3, array_unique(array_column($titles, 0)));
        self::assertCount(3, array_unique(array_column($titles, 1)));
        $this->get("/traces/$trace->id?card=well-look")->assertSee('the water bailed');
        $this->answer($trace, 'water-height', 'well')->assertRedirect();
        $this->get("/traces/$trace->id?card=well-look")->assertDontSee('the water bailed')->assertSee('Open now: the lower rack out.');
    }

    public function test_what_comes_back_within_two_weeks_was_not_fixed(): void
    {
        $trace = $this->begin(['smell']);
        $this->post("/traces/$trace->id/end", ['how' => 'fixed', 'action' => 'clean-filter'])->assertRedirect();
        $this->clock->move('+9 days');
        $id = $this->ulid();
        $this->post("/machines/{$this->machine->id}/traces", ['id' => $id, 'symptoms' => ['smell'], 'since' => '2026-06-20', 'look' => '1'])
            ->assertRedirect("/traces/$trace->id");
        self::assertNull($trace->refresh()->ended_at);
        self::assertSame(['clean-filter'], $trace->evidence()->failed);

        $this->post("/traces/$trace->id/end", ['how' => 'fixed', 'action' => 'clean-seal'])->assertRedirect();
        $this->clock->move('+20 days');
        $id = $this->ulid();
        $this->post("/machines/{$this->machine->id}/traces", ['id' => $id, 'symptoms' => ['smell'], 'since' => '2026-07-10', 'look' => '1'])
            ->assertRedirect("/traces/$id");
    }

    public function test_a_round_done_for_a_card_leads_back_to_it_and_what_it_removed_is_blamed(): void
    {
        $trace = $this->begin(['smell']);
        $round = $this->startRound($this->user, $this->machine, 'filter-clean');
        $this->walk($round, ['found' => 'clogged', 'left' => 'clear']);
        $this->post("/rounds/$round->id/end", ['id' => $this->ulid(), 'how' => 'finished'])->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")->assertSee("/traces/$trace->id?card=clean-filter");
        $this->get("/traces/$trace->id?card=clean-filter")->assertOk();
        $this->post("/traces/$trace->id/end", ['how' => 'fixed', 'action' => 'clean-filter'])->assertRedirect();
        self::assertSame('filter-clogged', $trace->refresh()->cause);
    }

    public function test_a_part_that_was_ordered_for_a_card_leads_back_to_it_once_it_is_fitted(): void
    {
        $trace = $this->begin(['leak']);
        $parts = "/machines/{$this->machine->id}/parts";
        $this->get("/traces/$trace->id?card=new-seal")->assertSee("$parts?part=seal");
        $this->post("$parts/needed", ['id' => $this->ulid(), 'part' => 'seal', 'stage' => 'ordered'])->assertRedirect($parts);
        $this->post("$parts/fitted", ['id' => $this->ulid(), 'part' => 'float'])->assertRedirect($parts);
        $this->post("$parts/fitted", ['id' => $this->ulid(), 'part' => 'seal'])->assertRedirect("/traces/$trace->id?card=new-seal");
    }

    public function test_a_trace_says_that_it_waits_for_a_part_until_that_is_fitted(): void
    {
        $waits = 'data-waits';
        $trace = $this->begin(['leak']);
        $parts = "/machines/{$this->machine->id}/parts";
        $need = fn (string $part, string $stage) => $this->post(
            "$parts/needed",
            ['id' => $this->ulid(), 'part' => $part, 'stage' => $stage],
        );
        $need('seal', 'worn')->assertSessionHasNoErrors();
        $need('upper-rack', 'ordered')->assertSessionHasNoErrors();
        $this->get("/traces/$trace->id")->assertDontSee($waits, false);

        $need('seal', 'ordered');
        $line = __('traces.waits.ordered', ['part' => 'door seal', 'on' => '15 June']);
        $this->get("/traces/$trace->id")->assertSee($waits, false)->assertSee($line);
        $this->get('/')->assertSee($line);

        $this->post("$parts/fitted", ['id' => $this->ulid(), 'part' => 'seal']);
        $this->get("/traces/$trace->id")->assertDontSee($waits, false);
        $this->get('/')->assertDontSee($line);
    }

    public function test_what_the_display_shows_stands_on_the_call_sheet_and_is_kept_until_it_shows_something_else(): void
    {
        $shows = static fn (string $code): string => e(__('traces.displayed', ['display' => $code]));
        $notice = fn (string $display) => $this->post("/machines/{$this->machine->id}/traces", [
            'id' => $this->ulid(), 'symptoms' => ['standing-water'], 'since' => '2026-06-15', 'look' => '1', 'display' => $display,
        ]);
        $notice('E24 <3 blinks>')->assertSessionHasNoErrors();
        $trace = Trace::query()->firstOrFail();
        foreach (["/traces/$trace->id", "/traces/$trace->id/sheet"] as $page) {
            $this->get($page)->assertSee($shows('E24 <3 blinks>'), false);
        }
        $notice('')->assertRedirect("/traces/$trace->id");
        self::assertSame('E24 <3 blinks>', $trace->refresh()->display);
        $notice('E25');
        self::assertSame('E25', $trace->refresh()->display);
        $notice(str_repeat('x', 81))->assertSessionHasErrors('display');
    }

    public function test_what_somebody_who_was_called_found_teaches(): void
    {
        $trace = $this->begin(['standing-water']);
        $this->post("/traces/$trace->id/end", ['how' => 'called'])->assertRedirect();
        $this->get("/traces/$trace->id")->assertOk()->assertSee("/traces/$trace->id/told");
        $this->get("/machines/{$this->machine->id}/rounds/new")->assertSee('A technician has been called for this machine');
        $round = $this->startRound($this->user, $this->machine, 'filter-clean');
        $this->get("/rounds/$round->id")->assertSee('A technician has been called for this machine');
        $this->post("/traces/$trace->id/told", ['cause' => 'no-such'])->assertSessionHasErrors('cause');
        $this->post("/traces/$trace->id/told", ['cause' => 'drain-pump-dead', 'note' => 'new pump <b>', 'cost' => '210'])
            ->assertSessionHasNoErrors();

        self::assertSame(
            ['drain-pump-dead' => 1],
            app(FixHistory::class)->confirmed($this->machine->refresh(), $this->user->home())->here,
        );
        $this->get("/rounds/$round->id")->assertDontSee('A technician has been called');
        $this->get('/handbook/symptoms')->assertOk()->assertSeeInOrder(['Water stands', 'The drain pump is dead', 'new pump <b>']);
        $this->get("/traces/$trace->id")->assertSee('new pump <b>')->assertDontSee("/traces/$trace->id/told");
        $this->actingAs($this->member())->post("/traces/$trace->id/told", ['note' => 'mine'])->assertNotFound();
    }

    public function test_what_is_normal_here_becomes_known_of_the_machine(): void
    {
        $trace = $this->begin(['standing-water']);
        $this->answer($trace, 'water-height', 'well')->assertRedirect();
        $this->get("/traces/$trace->id?card=leave-it")->assertSee('That is normal here');
        $this->post("/traces/$trace->id/end", ['how' => 'fixed', 'action' => 'leave-it'])->assertRedirect();
        self::assertSame('wet', $this->machine->refresh()->traits['sump'] ?? null);
    }

    public function test_it_can_be_lived_with_or_replaced(): void
    {
        foreach (['lives', 'replaced'] as $how) {
            $trace = $this->begin(['film']);
            $this->post("/traces/$trace->id/end", ['how' => $how])->assertRedirect();
            self::assertSame($how, $trace->refresh()->ended_how);
            $this->get("/traces/$trace->id")->assertOk()->assertDontSee('card-next');
        }
    }
}
