<?php

declare(strict_types=1);

namespace Tests\Feature\Machines;

use App\Care\Readers\CareReader;
use App\Care\TaskCare;
use App\Models\Machine;
use App\Models\Round;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Care tasks that a household writes itself. */
final class OwnTaskTest extends TestCase
{
    private const TASK = [
        'title' => 'Wipe the toe plate',
        'lines' => "1. Pull the plate off. Mind the clips.\r\n- Wipe it <both sides>\r\n\r\nPush it back",
        'minutes' => '10',
        'every' => '30',
        'unit' => 'days',
    ];

    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user, ['name' => 'Galley', 'traits' => ['filter' => 'twist-out']]);
        $this->actingAs($this->user);
    }

    /**
     * @param array<string, string|null> $with
     *
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function write(array $with = [], ?string $where = null): TestResponse
    {
        return $this->post('/tasks', $with + self::TASK + ['id' => $this->ulid(), 'machine' => $where ?? $this->machine->id]);
    }

    private function care(string $id, ?Machine $machine = null): ?TaskCare
    {
        return app(CareReader::class)->machine(($machine ?? $this->machine)->refresh(), $this->user->home())->tasks[$id] ?? null;
    }

    private function task(?Machine $machine = null): string
    {
        return (string) array_key_first(($machine ?? $this->machine)->refresh()->ownTasks()->tasks);
    }

    public function test_it_is_done_in_a_round_line_by_line_and_its_next_date_follows(): void
    {
        $this->write(['needs' => 'cloth, torch'])->assertSessionHasNoErrors()->assertRedirect("/machines/{$this->machine->id}");
        $round = $this->start($this->task());
        $titles = array_map(static fn ($step): string => $step->title, $round->fittedProcedure()->steps);

        self::assertSame(
            ['Put these within reach.', 'Pull the plate off.', 'Wipe it <both sides>', 'Push it back'],
            $titles,
        );
        $this->get("/rounds/$round->id")->assertOk()->assertSeeInOrder(['cloth', 'torch']);
        foreach ($round->fittedProcedure()->steps as $step) {
            $this->post("/rounds/$round->id/ticks", ['id' => $this->ulid(), 'step' => $step->id, 'have' => $step->tools, 'anyway' => 1])
                ->assertSessionHasNoErrors();
        }
        $this->post("/rounds/$round->id/end", ['id' => $this->ulid(), 'how' => 'finished'])->assertSessionHasNoErrors();
        self::assertSame('2026-07-15', (string) $this->care($this->task())?->rhythm()->dueOn);
        $this->get('/logbook')->assertSee('Wipe the toe plate');
    }

    public function test_one_that_is_only_done_stays_at_its_interval_and_one_that_is_judged_learns(): void
    {
        $this->write(['last_done' => '2026-06-01']);
        $kept = $this->task();
        self::assertSame('2026-07-01', (string) $this->care($kept)?->rhythm()->dueOn);
        $window = $this->care($kept)->rhythm()->window ?? [];
        self::assertEquals($window[0] ?? null, $window[1] ?? null);

        $this->write(['title' => 'Coils', 'part' => 'Coils', 'scale' => 'grease', 'last_done' => '2026-06-01']);
        $judged = array_keys($this->machine->refresh()->ownTasks()->tasks)[1];
        $this->clock->set('2026-06-20T09:00:00Z');
        $this->post("/machines/{$this->machine->id}/openings", [
            'id' => $this->ulid(),
            'task' => $judged,
            'on' => '2026-06-20',
            'found' => 'grease-drips',
            'left' => 'grease-none',
        ])->assertSessionHasNoErrors();
        self::assertLessThan(30.0, $this->care($judged)?->rhythm()->deciding->learned->interval);
    }

    public function test_a_task_of_the_kitchen_puts_the_kitchen_there_once(): void
    {
        $this->get('/tasks')->assertOk()->assertSee('/tasks/new/kitchen');
        $this->get('/tasks/new/kitchen')->assertOk();
        $id = $this->ulid();
        $this->write(['id' => $id, 'unit' => 'meals', 'every' => '20'], 'kitchen')->assertSessionHasNoErrors();
        $this->write(['id' => $id, 'unit' => 'meals', 'every' => '20'], 'kitchen')->assertSessionHasNoErrors();
        $this->write(['title' => 'Empty the bin'], 'kitchen')->assertSessionHasNoErrors();
        $kitchen = $this->user->home()->machines()->where('kind', Machine::KITCHEN)->sole();

        self::assertCount(2, $kitchen->ownTasks()->tasks);
        $this->get("/machines/$kitchen->id")->assertOk()->assertDontSee("/machines/$kitchen->id/trace");
        $this->get("/machines/$kitchen->id/card")->assertOk();
        $this->get('/')->assertOk()->assertSee('/machines/'.$kitchen->id);
        $this->get('/kitchen')->assertSee($kitchen->name);
    }

    public function test_a_change_counts_at_once_on_every_page_and_in_a_round_that_has_not_come_so_far(): void
    {
        $this->write(['last_done' => '2026-06-01']);
        $task = $this->task();
        $this->get('/')->assertOk();
        $round = $this->start($task);
        $changed = ['title' => 'Toe plate', 'every' => '7', 'lines' => 'Wipe it'] + self::TASK;
        $this->put("/machines/{$this->machine->id}/tasks/$task", $changed)->assertSessionHasNoErrors();

        self::assertSame('2026-06-08', (string) $this->care($task)?->rhythm()->dueOn);
        self::assertSame('Toe plate', $this->care($task)->name());
        self::assertSame(['Wipe it'], array_column($round->fresh()?->fittedProcedure()->steps ?? [], 'title'));
    }

    public function test_one_that_is_given_up_asks_for_nothing_keeps_its_entries_and_comes_back(): void
    {
        $this->write(['last_done' => '2026-06-01']);
        $task = $this->task();
        $this->delete("/machines/{$this->machine->id}/tasks/$task")->assertRedirect('/tasks');
        self::assertNull($this->care($task));
        $this->get('/logbook')->assertSee('Wipe the toe plate');
        $this->get('/handbook')->assertDontSee('Wipe the toe plate');
        $this->get('/tasks')->assertSee("/machines/{$this->machine->id}/tasks/$task/again");
        $this->post("/machines/{$this->machine->id}/tasks/$task/again")->assertRedirect();
        self::assertSame('2026-07-01', (string) $this->care($task)?->rhythm()->dueOn);
    }

    public function test_what_was_typed_is_kept_when_something_is_wrong(): void
    {
        foreach ([
            ['lines' => " \r\n - \r\n"],
            ['lines' => str_repeat("wipe\n", 31)],
            ['lines' => str_repeat('x', 201)],
            ['minutes' => '0'],
            ['minutes' => 'ten'],
            ['every' => '3651'],
            ['unit' => 'brews'],
            ['scale' => 'no-such'],
            ['scale' => 'grease', 'part' => ''],
            ['last_done' => '31 May'],
            ['title' => ''],
        ] as $wrong) {
            $typed = $wrong + ['needs' => 'a left-handed brush'];
            $this->from("/tasks/new/{$this->machine->id}")->write($typed)->assertSessionHasErrors((string) array_key_last($wrong));
            $this->get("/tasks/new/{$this->machine->id}")->assertSee('a left-handed brush');
        }
        $this->write(['last_done' => '2026-06-16'])->assertRedirect();
        self::assertNull($this->machine->refresh()->own_tasks);
    }

    public function test_it_is_the_household_s_alone(): void
    {
        $this->write();
        $other = $this->member();
        $twin = $this->machineOf($other, ['name' => 'Scullery', 'traits' => ['filter' => 'twist-out']]);
        $this->actingAs($other);
        $this->write(['title' => 'Theirs'])->assertNotFound();
        $this->get("/tasks/new/{$this->machine->id}")->assertNotFound();
        $this->get('/tasks')->assertOk()->assertDontSee('Wipe the toe plate');
        $this->get("/machines/$twin->id")->assertOk()->assertDontSee('Wipe the toe plate');
        $this->get("/handbook/dishwasher/{$this->task()}?machine={$this->machine->id}")->assertNotFound();
        self::assertCount(1, $this->machine->refresh()->ownTasks()->tasks);
    }

    private function start(string $task): Round
    {
        $this->post("/machines/{$this->machine->id}/rounds", ['task' => $task, 'procedure' => $task])->assertRedirect();

        return Round::query()->with('machine')->latest('id')->firstOrFail();
    }
}
