<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Models\Entry;
use App\Models\Household;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Quantity\Day;
use Tests\TestCase;

/** An entry is set right in one go: the old one goes out of force, the right one stands in its place and says so. */
final class CorrectionTest extends TestCase
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user);
        $this->actingAs($this->user);
    }

    private function opened(string $on, string $found = 'heavy'): Entry
    {
        $this->post(
            "/machines/{$this->machine->id}/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => $on, 'found' => $found, 'left' => 'clear'],
        )->assertSessionHasNoErrors();

        return Entry::query()->where('kind', EntryKind::Opening)->latest('seq')->firstOrFail();
    }

    /** @param array<string, mixed> $with */
    private function correct(Entry $entry, array $with): Entry
    {
        $id = $this->ulid();
        $this->post("/entries/$entry->id/correct", $with + ['id' => $id])->assertSessionHasNoErrors()->assertRedirect();

        return Entry::query()->findOrFail($id);
    }

    public function test_a_wrong_day_and_grade_are_set_right_and_the_dates_follow(): void
    {
        $entry = $this->opened('2026-05-01');
        $this->get("/entries/$entry->id/correct")
            ->assertOk()
            ->assertSee('value="2026-05-01"', false)
            ->assertSee(__('views/entries/correct.what_should_it_have_said'));
        $right = $this->correct($entry, ['on' => '2026-06-01', 'task' => 'filter', 'found' => 'film', 'left' => 'clear']);
        self::assertSame(
            ['2026-06-01', 0.1, $entry->id],
            [(string) Day::at($right->happened_at, $this->user->home()->zone()), $right->payload['found'], $right->corrects],
        );
        self::assertSame(
            [$right->id],
            Entry::inForce(Entry::query()->where('kind', EntryKind::Opening)->get())->map(fn (Entry $each): string => $each->id)->all(),
        );
        $this->get('/')->assertSee('since 1 June');
        $this->get("/logbook?entry=$right->id")->assertSee('corrected on 15 June')->assertSee('1 May 2026')->assertSee('Found: heavy');
        $this->get('/logbook')->assertDontSee('. Found: heavy; left: clear</span>', false);
        $this->post(
            "/entries/$entry->id/correct",
            ['id' => $right->id, 'on' => '2026-06-01', 'task' => 'filter', 'found' => 'film', 'left' => 'clear'],
        )->assertSessionHasNoErrors();
        self::assertSame(3, Entry::query()->count(), 'a second click writes nothing');
    }

    public function test_what_cannot_be_is_refused_in_words_and_changes_nothing(): void
    {
        $entry = $this->opened('2026-06-01');
        $good = ['on' => '2026-06-02', 'task' => 'filter', 'found' => 'film', 'left' => 'clear'];
        foreach ([
            ['on' => '2026-06-16'],
            ['on' => '1999-01-01'],
            ['found' => 'lime-slow'],
            ['task' => 'nonsense'],
            ['machine' => $this->ulid()],
            ['at' => '25:00'],
        ] as $bad) {
            $this->post("/entries/$entry->id/correct", $bad + $good + ['id' => $this->ulid()])->assertSessionHasErrors();
        }
        $this->post("/machines/{$this->machine->id}/before", ['id' => $this->ulid(), 'new_on' => '2026-05-20'])->assertSessionHasNoErrors();
        $this->post("/entries/$entry->id/correct", ['on' => '2026-05-10', 'id' => $this->ulid()] + $good)->assertSessionHasErrors('on');
        self::assertSame(0, Entry::query()->where('kind', EntryKind::Reversal)->count());
    }

    public function test_uses_pours_notes_and_the_machine_are_set_right_too(): void
    {
        $other = $this->machineOf($this->user, ['name' => 'Second']);
        $this->post("/machines/{$this->machine->id}/uses", ['id' => $id = $this->ulid()])->assertSessionHasNoErrors();
        $right = $this->correct(
            Entry::query()->findOrFail($id),
            ['on' => '2026-06-14', 'at' => '19:30', 'uses' => '3', 'machine' => $other->id],
        );
        self::assertEquals(
            [3, $other->id, '2026-06-14 17:30:00'],
            [$right->payload['uses'], $right->machine_id, $right->happened_at->format('Y-m-d H:i:s')],
        );
        $this->post(
            "/machines/{$this->machine->id}/vessels/tub/pour",
            ['id' => $id = $this->ulid(), 'agent' => 'white-vinegar', 'amount' => '200', 'unit' => 'ml'],
        )->assertSessionHasNoErrors();
        $right = $this->correct(Entry::query()->findOrFail($id), ['on' => '2026-06-15', 'amount' => '250', 'unit' => 'ml']);
        self::assertEquals(250, $right->payload['ml']);
    }

    public function test_the_answer_of_a_round_is_set_right_after_its_end_and_not_before(): void
    {
        $round = $this->startRound($this->user, $this->machine);
        $this->tick($round, 'hold-to-light', 'heavy');
        $entry = Entry::query()->where('kind', EntryKind::Opening)->sole();
        $good = ['on' => '2026-06-15', 'at' => '', 'task' => 'filter', 'found' => 'film', 'left' => 'film'];
        $this->post("/entries/$entry->id/correct", $good + ['id' => $this->ulid()])->assertSessionHasErrors('on');
        $this->post("/rounds/$round->id/end", ['how' => 'stopped', 'knows' => '1'])->assertSessionHasNoErrors();
        $right = $this->correct($entry, $good);
        self::assertSame([$round->id, 'hold-to-light', 0.1], [$right->round_id, $right->step, $right->payload['found']]);
        $this->get("/rounds/$round->id")->assertOk()->assertSee('film');
    }

    public function test_an_entry_of_another_household_stays_shut(): void
    {
        $entry = $this->opened('2026-06-01');
        $this->actingAs($this->member(Household::factory()->create()));
        $this->get("/entries/$entry->id/correct")->assertNotFound();
        $this->post(
            "/entries/$entry->id/correct",
            ['id' => $this->ulid(), 'on' => '2026-06-02', 'task' => 'filter', 'found' => 'film', 'left' => 'clear'],
        )->assertNotFound();
    }
}
