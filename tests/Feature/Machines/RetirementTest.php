<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Models\Machine;
use App\Models\User;
use App\View\Pages\Machines\ServiceRecordPage;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;
use Tests\TestCase;

/** A machine that has left the kitchen asks for nothing, keeps its history, and can come back. */
final class RetirementTest extends TestCase
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user, ['name' => 'Galley']);
        $this->actingAs($this->user);
    }

    private function retire(string $how = 'sold', ?string $on = null): void
    {
        $this->post("/machines/{$this->machine->id}/retire", ['how' => $how, 'on' => $on ?? $this->today()])->assertSessionHasNoErrors();
    }

    private function today(): string
    {
        return (string) Day::at(app(ClockInterface::class)->now(), $this->user->home()->zone());
    }

    public function test_it_stops_falling_due_everywhere_and_comes_back_as_it_was(): void
    {
        $places = ['/', '/rhythm', '/away', '/ahead', '/trace', '/tasks', '/handbook'];
        $before = array_map(fn (string $place): bool => str_contains((string) $this->get($place)->getContent(), 'Galley'), $places);
        self::assertContains(true, $before);

        $this->retire();
        $this->get('/kitchen')->assertSee('Galley')->assertSee(__('places/retired.aside'));
        foreach ($places as $place) {
            $this->get($place)->assertDontSee('Galley');
        }
        $this->get("/machines/{$this->machine->id}")->assertOk()->assertSee("/machines/{$this->machine->id}/record.pdf");
        $this->get("/logbook?machine={$this->machine->id}")->assertOk();

        $this->delete("/machines/{$this->machine->id}/retire")->assertRedirect("/machines/{$this->machine->id}");
        self::assertNull($this->machine->refresh()->retired_on);
        $after = array_map(fn (string $place): bool => str_contains((string) $this->get($place)->getContent(), 'Galley'), $places);
        self::assertSame($before, $after);
    }

    public function test_nothing_is_written_for_it_until_it_is_back(): void
    {
        $this->retire('stored');
        foreach (['rounds', 'uses', 'openings', 'traces', 'devices', 'retire'] as $what) {
            $this->post("/machines/{$this->machine->id}/$what", ['how' => 'sold', 'on' => $this->today()])->assertForbidden();
        }
        $this->put("/machines/{$this->machine->id}", ['name' => 'Other'])->assertForbidden();
        self::assertSame('stored', $this->machine->refresh()->retired_how);
    }

    public function test_its_open_round_has_to_end_first_and_its_open_trace_waits_with_it(): void
    {
        $this->post("/machines/{$this->machine->id}/rounds", ['procedures' => ['filter-clean']])->assertSessionHasNoErrors();
        $this->post("/machines/{$this->machine->id}/retire", ['how' => 'broken', 'on' => $this->today()])->assertSessionHasErrors('did');
        self::assertNull($this->machine->refresh()->retired_on);

        $round = $this->machine->rounds()->firstOrFail();
        $this->post("/rounds/$round->id/end", ['how' => 'stopped', 'knows' => '1']);
        $this->post("/machines/{$this->machine->id}/traces", [
            'id' => $this->ulid(), 'symptoms' => ['smell'], 'since' => $this->today(), 'badly' => 'annoying', 'look' => '1',
        ]);
        $this->retire('broken');
        $this->get('/kitchen')->assertSee('Galley');
        $this->get('/')->assertOk()->assertDontSee('Galley');
        $this->get('/api/due')->assertStatus(401);
    }

    public function test_replaced_leads_to_the_new_one_of_its_kind(): void
    {
        $this->post("/machines/{$this->machine->id}/retire", ['how' => 'replaced', 'on' => $this->today()])
            ->assertRedirect("/machines/new?kind={$this->machine->kind}");
    }

    public function test_a_day_to_come_and_another_way_are_refused(): void
    {
        $tomorrow = (string) Day::of($this->today())->plus(1);
        $this->post("/machines/{$this->machine->id}/retire", ['how' => 'eaten', 'on' => $tomorrow])->assertSessionHasErrors(['how', 'on']);
    }

    public function test_another_household_reaches_neither_its_papers_nor_its_way_back(): void
    {
        $this->retire();
        $this->actingAs($this->member());
        foreach (['retire', 'record.pdf'] as $page) {
            $this->get("/machines/{$this->machine->id}/$page")->assertNotFound();
        }
        $this->delete("/machines/{$this->machine->id}/retire")->assertNotFound();
        self::assertNotNull($this->machine->refresh()->retired_on);
    }

    public function test_its_service_record_has_what_was_done_and_not_what_was_counted(): void
    {
        $this->post("/machines/{$this->machine->id}/openings", [
            'id' => $this->ulid(), 'task' => 'filter', 'on' => $this->today(), 'found' => 'patchy', 'left' => 'clear',
        ])->assertSessionHasNoErrors();
        $this->post("/machines/{$this->machine->id}/uses", ['id' => $this->ulid()]);
        $this->get("/machines/{$this->machine->id}/record.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $lines = app(ServiceRecordPage::class)->for($this->machine->refresh(), $this->user->home())->lines;
        self::assertCount(1, $lines);
        self::assertSame($this->today(), $lines[0][0]);
    }
}
