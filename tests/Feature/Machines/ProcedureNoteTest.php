<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Models\Machine;
use App\Models\User;
use Tests\TestCase;

/** What a household wants to remember of a procedure on one machine. */
final class ProcedureNoteTest extends TestCase
{
    private const NOTE = 'ours needs a push on the left <now>';

    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user, ['name' => 'Galley', 'traits' => ['tub' => 'stainless', 'filter' => 'twist-out']]);
        $this->actingAs($this->user);
    }

    private function keep(string $note, string $procedure = 'filter-clean'): void
    {
        $this->put("/machines/{$this->machine->id}/notes/$procedure", ['note' => $note])
            ->assertRedirect("/handbook/dishwasher/$procedure?machine={$this->machine->id}")
            ->assertSessionHasNoErrors();
    }

    public function test_a_note_stands_beside_every_step_of_its_procedure_and_of_no_other(): void
    {
        $this->keep(self::NOTE);
        $this->get("/handbook/dishwasher/filter-clean?machine={$this->machine->id}")->assertSee(self::NOTE);
        $this->get("/handbook/dishwasher/door-and-seal?machine={$this->machine->id}")->assertDontSee(self::NOTE);
        $this->get("/rounds/{$this->startRound($this->user, $this->machine, 'filter-clean')->id}")->assertSee(self::NOTE);
        $twin = $this->machineOf($this->user, ['name' => 'Scullery', 'traits' => $this->machine->traits]);
        $this->get("/rounds/{$this->startRound($this->user, $twin, 'filter-clean')->id}")->assertOk()->assertDontSee(self::NOTE);
    }

    public function test_in_several_at_once_each_note_has_the_name_of_its_procedure(): void
    {
        $this->keep(self::NOTE);
        $this->keep('count twelve jets', 'spray-arms');
        $this->post("/machines/{$this->machine->id}/rounds", ['procedures' => ['filter-clean', 'spray-arms']])->assertRedirect();
        $round = $this->machine->rounds()->firstOrFail();
        $this->get("/rounds/$round->id")->assertSeeInOrder(['Filter clean:', self::NOTE, 'Spray arms:', 'count twelve jets']);
    }

    public function test_an_empty_note_is_forgotten_and_one_that_is_too_long_keeps_what_was_typed(): void
    {
        $this->keep(self::NOTE);
        $long = str_repeat('x', 501);
        $this->from("/handbook/dishwasher/filter-clean?machine={$this->machine->id}")
            ->followingRedirects()
            ->put("/machines/{$this->machine->id}/notes/filter-clean", ['note' => $long])
            ->assertSee($long);
        self::assertSame(['filter-clean' => self::NOTE], $this->machine->refresh()->procedure_notes);
        $this->keep(' ');
        self::assertSame([], $this->machine->refresh()->procedure_notes);
    }

    public function test_nobody_else_writes_it_and_there_is_none_on_a_procedure_that_is_not_there(): void
    {
        $this->put("/machines/{$this->machine->id}/notes/no-such", ['note' => 'x'])->assertNotFound();
        $this->actingAs($this->member())->put("/machines/{$this->machine->id}/notes/filter-clean", ['note' => 'x'])->assertNotFound();
        self::assertNull($this->machine->refresh()->procedure_notes);
    }
}
