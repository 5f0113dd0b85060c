<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use Tests\TestCase;

/** A table that a household has kept of its care. */
final class PastCareTest extends TestCase
{
    private User $ama;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->ama = $this->member();
        $this->machine = $this->machineOf($this->ama);
        $this->actingAs($this->ama);
    }

    public function test_lines_are_looked_through_written_once_and_teach_the_rhythm(): void
    {
        $before = Entry::query()->count();
        $table = "date,machine,what,found\n2026-03-01,{$this->machine->name},Filter,clear\n2026-05-30,dishwasher,filter,Patchy\n"
            ."tomorrow,{$this->machine->name},Filter,\n2027-01-01,{$this->machine->name},Filter,\n2026-04-01,Nobody,Filter,\n"
            ."2026-04-01,{$this->machine->name},Wings,\n2026-04-01,{$this->machine->name},Filter,purple";
        $page = $this->post('/logbook/past', ['id' => $id = $this->ulid(), 'table' => $table])->assertOk();
        foreach (['no_day' => 'tomorrow', 'no_task' => 'Wings', 'no_grade' => 'purple', 'no_machine' => 'Nobody'] as $why => $cell) {
            $said = (string) __("exchange.past.$why", ['cell' => $cell, 'machine' => $this->machine->name, 'task' => 'Fine filter']);
            $page->assertSee(mb_substr($said, 0, 30));
        }
        $page->assertSee(__('exchange.past.future'));
        self::assertSame($before, Entry::query()->count());

        for ($i = 0; $i < 2; ++$i) {
            $this->post('/logbook/past', ['id' => $id, 'table' => $table, 'sure' => '1'])->assertRedirect('/logbook');
        }
        self::assertSame($before + 2, Entry::query()->count());
        $this->get("/machines/{$this->machine->id}?task=filter")->assertOk()->assertSee('30 May');
    }

    public function test_columns_are_matched_by_hand_and_other_marks_and_letters_are_read(): void
    {
        $table = mb_convert_encoding("Wann;Gerät;Was;Zustand\n31.05.2026;{$this->machine->name};Filter;heavy", 'Windows-1252', 'UTF-8');
        $this->post('/logbook/past', ['id' => $this->ulid(), 'table' => 'x'])->assertOk()->assertDontSee('name="sure"', false);
        $file = \Illuminate\Http\UploadedFile::fake()->createWithContent('past.csv', $table);
        $this->post('/logbook/past', ['id' => $this->ulid(), 'file' => $file])->assertOk()->assertDontSee('name="sure"', false);
        $columns = ['date' => '0', 'machine' => '1', 'what' => '2', 'found' => '3'];
        $this->post('/logbook/past', ['id' => $this->ulid(), 'file' => $file, 'column' => $columns])
            ->assertOk()
            ->assertSee('name="sure"', false)
            ->assertSee('31 May');
    }

    public function test_other_peoples_machines_are_no_machines(): void
    {
        $theirs = $this->machineOf($this->member());
        $theirs->update(['name' => 'Theirs']);
        $this->post('/logbook/past', [
            'id' => $this->ulid(), 'table' => "date,machine,what\n2026-05-01,Theirs,Filter", 'sure' => '1',
        ])->assertOk();
        self::assertSame(0, Entry::query()->where('machine_id', $theirs->id)->where('recorded_by', $this->ama->id)->count());
    }
}
