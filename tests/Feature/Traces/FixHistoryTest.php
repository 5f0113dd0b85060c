<?php

declare(strict_types=1);

namespace Tests\Feature\Traces;

use App\Care\Readers\CareReader;
use App\Models\Entry;
use App\Models\Trace;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use Tests\TestCase;

/** What ended a trace: the fix that held, the call. */
final class FixHistoryTest extends TestCase
{
    use TracedMachine;

    private static function chance(string $html): string
    {
        preg_match('#<ul class="suspects">.*?<strong>(.*?)</strong>#s', $html, $found);

        return $found[1] ?? '';
    }

    public function test_a_fix_is_asked_after_and_teaches_when_it_held(): void
    {
        $this->post(
            "/machines/{$this->machine->id}/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-06-01', 'found' => 'clear', 'left' => 'clear'],
        );
        $trace = $this->begin(['food-bits']);
        $this->get('/')->assertSee(__('views/today/beside.being_looked_into'))->assertSee('food bits on dishes');
        $this->post("/traces/$trace->id/end", ['how' => 'fixed'])->assertSessionHasErrors('action');
        $this->post("/traces/$trace->id/end", ['how' => 'fixed', 'action' => 'prayer'])->assertSessionHasErrors('action');
        $this->post("/traces/$trace->id/end", ['how' => 'fixed', 'action' => 'clean-filter'])->assertSessionHasNoErrors();
        self::assertSame(['fixed', 'clean-filter', 'filter-clogged'], [$trace->refresh()->ended_how, $trace->fixed_by, $trace->cause]);
        $this->answer($trace, 'listen', 'hum')->assertSessionHasErrors('did');
        $this->get('/logbook')->assertSee(__('logbook.fix', ['action' => 'clean the filter']));
        self::assertSame(
            0.0,
            app(CareReader::class)->machine($this->machine, $this->user->home())->tasks['filter']->rhythm()->wear,
            'the job counts as done, though no round was run',
        );
        $this->get('/')->assertDontSee(__('views/traces/show.is_it_still_fixed'));
        for ($load = 0; $load < 2; ++$load) {
            $this->clock->move('+1 day');
            $this->post("/machines/{$this->machine->id}/uses", ['id' => $this->ulid()]);
        }
        $this->get('/')->assertSee(__('views/traces/show.is_it_still_fixed'));
        $interval = app(CareReader::class)->machine(
            $this->machine,
            $this->user->home(),
        )->tasks['filter']->rhythm()->clocks[0]->learned->interval;
        $this->post("/traces/$trace->id/held", ['held' => '1'])->assertSessionHasNoErrors();
        self::assertTrue($trace->refresh()->held);
        self::assertSame(1, Entry::query()->where('kind', EntryKind::Confirmation)->count());
        self::assertLessThan(
            $interval,
            app(CareReader::class)->machine($this->machine, $this->user->home())->tasks['filter']->rhythm()->clocks[0]->learned->interval,
        );
        $this->get('/')->assertDontSee(__('views/traces/show.is_it_still_fixed'));

        $this->clock->move('+5 days');
        $again = $this->begin(['food-bits'], '2026-06-21');
        $this->get("/traces/$again->id")
            ->assertSee(__('views/traces/show.here_before'))->assertSee('Clean the filter, 15 June. It held.', false);
        self::assertSame(
            'The fine filter is clogged',
            self::first((string) $this->get("/traces/$again->id")->getContent()),
            'what was confirmed here counts',
        );
        $this->get("/traces/$again->id")
            ->assertSee(__('views/traces/show.learned_here'))
            ->assertSee(__('views/traces/show.confirmed', ['name' => 'The fine filter is clogged', 'what' => 'once']));
        $this->get('/handbook/symptoms')->assertSee('clean the filter')->assertSee('the last time; it stayed fixed for 7 days');
        $this->get("/machines/{$this->machine->id}?task=filter")
            ->assertSee(__('views/components/care/task-tile.what_it_caused_left_too_long'))
            ->assertSee('Food bits on dishes');
        $chance = self::chance((string) $this->get("/traces/$again->id")->getContent());
        $this->clock->move('+1 minute');
        $this->post("/machines/{$this->machine->id}/forget")->assertSessionHasNoErrors();
        $this->get("/traces/$again->id")->assertDontSee(__('views/traces/show.learned_here'));
        self::assertNotSame($chance, self::chance((string) $this->get("/traces/$again->id")->getContent()));
    }

    public function test_a_fix_that_did_not_hold_opens_the_trace_again_with_what_was_tried(): void
    {
        $trace = $this->begin(['upper-dirty']);
        $this->post("/traces/$trace->id/end", ['how' => 'fixed', 'action' => 'clear-arms']);
        $this->post("/traces/$trace->id/held", ['held' => '0']);
        self::assertNull($trace->refresh()->ended_at);
        $this->get("/traces/$trace->id")
            ->assertSee(__('traces.did_not_help', ['action' => 'Clear the spray arms']))
            ->assertSee(__('views/traces/show.suspects'));
    }

    public function test_the_call_sheet_says_what_was_seen_and_done(): void
    {
        $trace = $this->begin(['standing-water']);
        $this->answer($trace, 'listen', 'silent');
        $this->answer($trace, 'clear-sump', null, Trace::FAILED);
        $this->get("/traces/$trace->id/sheet")
            ->assertOk()
            ->assertSee(__('views/traces/show.call_sheet'))
            ->assertSee('Listen for half a minute at drain: nothing')
            ->assertSee(__('traces.did_not_help', ['action' => 'Clear the sump and free the impeller']))
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
        self::assertSame(1, preg_match_all('#/Type /Page\b#', (string) $pdf->getContent()), 'one page');
        $this->post("/traces/$trace->id/end", ['how' => 'called']);
        $this->get("/traces/$trace->id")->assertSee(__('traces.ended_on.called', ['day' => '15 June']));
        $this->post("/traces/$trace->id/end", ['how' => 'hired'])->assertSessionHasErrors('how');
    }

    public function test_what_trouble_costs_decides_when_calling_is_better(): void
    {
        $trace = $this->begin(['standing-water']);
        $this->answer($trace, 'listen', 'silent');
        $settings = ['name' => 'Home', 'timezone' => 'Europe/Stockholm', 'measures' => 'metric'];
        $this->put('/household', $settings + ['hour_value' => '60', 'call_fee' => '2'])->assertSessionHasNoErrors();
        $this->get("/traces/$trace->id")->assertSee(__('traces.why_call'));
        $this->put('/household', $settings + ['hour_value' => '60', 'call_fee' => '0'])->assertSessionHasErrors('call_fee');
    }
}
