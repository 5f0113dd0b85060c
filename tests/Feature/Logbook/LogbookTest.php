<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Logbook\EntryDraft;
use App\Actions\Logbook\WriteEntries;
use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\Note;
use GoodRinse\Core\Logbook\Payload\UseCount;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class LogbookTest extends TestCase
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

    private function note(string $text, string $when, ?string $id = null): void
    {
        app(WriteEntries::class)->handle(
            $this->user->home(),
            $this->user,
            [new EntryDraft(new Note($text), new \DateTimeImmutable($when), Entry::BY_HAND, $this->machine, id: $id)],
        );
    }

    public function test_the_table_only_grows(): void
    {
        $this->note('kept', '2026-06-01T10:00:00Z');
        foreach ([fn () => DB::table('entries')->update(['kind' => 'dose']), fn () => DB::table('entries')->delete()] as $change) {
            try {
                DB::transaction($change);
                self::fail('the logbook was changed');
            } catch (QueryException $e) {
                self::assertStringContainsString('the logbook only grows', $e->getMessage());
            }
        }
        self::assertSame(1, Entry::query()->count());
    }

    public function test_a_resend_is_harmless_and_another_content_under_the_id_is_refused(): void
    {
        $id = $this->ulid();
        $this->note('one', '2026-06-01T10:00:00Z', $id);
        $this->note('one', '2026-06-01T10:00:00Z', $id);
        self::assertSame(1, Entry::query()->count());
        $this->expectException(ActionRefused::class);
        $this->note('two', '2026-06-01T10:00:00Z', $id);
    }

    public function test_nothing_is_written_when_one_of_several_lies_in_the_future(): void
    {
        $draft = static fn (string $when): EntryDraft => new EntryDraft(
            new UseCount('loads', 1),
            new \DateTimeImmutable($when),
            Entry::BY_HAND,
        );
        try {
            app(WriteEntries::class)->handle(
                $this->user->home(),
                $this->user,
                [$draft('2026-06-01T10:00:00Z'), $draft('2026-06-16T10:00:00Z')],
            );
            self::fail('the future was written down');
        } catch (ActionRefused $e) {
            self::assertStringContainsString('future', $e->getMessage());
        }
        self::assertSame(0, Entry::query()->count());
    }

    public function test_it_is_read_a_day_at_a_time_the_newest_first_to_the_very_last(): void
    {
        for ($i = 1; $i <= 95; ++$i) {
            $this->note("note number $i.", sprintf('2026-%02d-%02dT10:00:00Z', 1 + intdiv($i, 28), 1 + $i % 28));
        }
        $seen = [];
        $next = '/logbook';
        for ($page = 0; null !== $next && $page < 9; ++$page) {
            $html = (string) $this->get($next)->assertOk()->getContent();
            preg_match_all('/<span>Note number (\d+)\.<\/span>/', $html, $numbers);
            array_push($seen, ...array_map(intval(...), $numbers[1]));
            $next = 1 === preg_match('/href="([^"]*before=[^"]*)"/', $html, $more) ? html_entity_decode($more[1]) : null;
        }
        self::assertSame(range(95, 1), $seen);
        self::assertSame(4, $page);
    }

    public function test_loads_and_undos_are_shown_when_asked_for(): void
    {
        $id = $this->ulid();
        $this->post("/machines/{$this->machine->id}/uses", ['id' => $id]);
        $this->get('/logbook')->assertDontSee(__('logbook.counter', ['uses' => '1 load']));
        $this->get('/logbook?show=uses')->assertSee(__('logbook.counter', ['uses' => '1 load']));
        $this->post("/entries/$id/void", ['id' => $this->ulid()]);
        $this->get('/logbook?show=all')->assertSee(__('logbook.voiding.undo'))->assertSee(__('views/logbook.bring_back'));
        $this->get('/logbook?show=sideways')->assertRedirect('/logbook');
        $this->get('/logbook?before=%00garbage')->assertOk();
    }

    public function test_undoing_twice_at_once_undoes_once(): void
    {
        $this->note('slip', '2026-06-01T10:00:00Z');
        $entry = Entry::query()->firstOrFail();
        $this->post("/entries/$entry->id/void", ['id' => $this->ulid()]);
        $this->post("/entries/$entry->id/void", ['id' => $this->ulid()]);
        self::assertSame(1, Entry::query()->where('voids', $entry->id)->count());
    }

    public function test_standing_on_an_earlier_day_shows_what_was_known_then(): void
    {
        $this->note('later', '2026-06-14T10:00:00Z');
        $this->post(
            "/machines/{$this->machine->id}/openings",
            ['id' => $this->ulid(), 'task' => 'filter', 'on' => '2026-06-10', 'found' => 'heavy', 'left' => 'clear'],
        );
        $this->get('/')->assertSee('5 days since 10 June');
        $this->clock->move('-6 days');
        $this->get('/')->assertSee(__('views/today/ask.look_at_it_once'));
        $this->get('/logbook')->assertDontSee('later');
    }

    public function test_a_round_is_one_line_with_the_rest_behind_it_and_no_trace_of_corrections(): void
    {
        $round = $this->startRound($this->user, $this->machine);
        $this->tick($round, 'hold-to-light', 'heavy');
        $this->tick($round, 'soak');
        $this->tick($round, 'light-again', 'clear');
        $page = $this->get('/logbook')->assertSeeInOrder(
            ['Fine filter. Found: heavy; left: clear', '1 more from the same round', '15 ml of dish soap into the sink'],
        );
        $page->assertDontSee('checked: heavy')->assertDontSee('set right');
        $this->get('/logbook?show=all')
            ->assertSee(__('logbook.voiding.correction'))
            ->assertSee(__('logbook.opening.looked', ['part' => 'Fine filter', 'found' => 'heavy']));
    }

    public function test_one_machine_at_a_time(): void
    {
        $other = $this->machineOf($this->user, ['name' => 'Galley']);
        $this->note('about the first', '2026-06-01T10:00:00Z');
        app(WriteEntries::class)->handle(
            $this->user->home(),
            $this->user,
            [new EntryDraft(new Note('about the galley'), new \DateTimeImmutable('2026-06-02T10:00:00Z'), Entry::BY_HAND, $other)],
        );
        $this->get('/logbook')->assertSee('About the first')->assertSee('About the galley')->assertSee(__('views/logbook.all_machines'));
        $this->get("/logbook?machine=$other->id")->assertDontSee('About the first')->assertSee('About the galley');
        $this->get('/logbook?machine=unknown')->assertOk()->assertSee('About the first');
    }

    public function test_times_are_told_on_the_clock_of_the_place_they_were_written_in(): void
    {
        $this->note('in summer', '2026-06-01T21:30:00Z');
        $this->user->home()->update(['timezone' => 'America/Chicago']);
        $this->get('/logbook')->assertSee('23:30')->assertSee('1 June');
    }
}
