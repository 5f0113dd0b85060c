<?php

declare(strict_types=1);

namespace Tests\Feature\Today;

use App\Care\Readers\CareReader;
use App\Care\TaskCare;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** What follows from the logbook may be kept, but never decides anything. */
final class CachedStateTest extends TestCase
{
    private User $user;
    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->machine = $this->machineOf($this->user);
        $this->opened('2026-05-01', 'patchy');
        $this->opened('2026-06-01', 'heavy');
    }

    private function opened(string $on, string $found): string
    {
        $id = $this->ulid();
        $this->actingAs($this->user)->post(
            "/machines/{$this->machine->id}/openings",
            ['id' => $id, 'task' => 'filter', 'on' => $on, 'found' => $found, 'left' => 'clear'],
        )->assertSessionHasNoErrors();

        return $id;
    }

    private function read(): TaskCare
    {
        return app(CareReader::class)->machine($this->machine->refresh(), $this->user->home()->refresh())->tasks['filter']
            ?? app(CareReader::class)->machine($this->machine->refresh(), $this->user->home()->refresh())->tasks['mouth-look'];
    }

    /** How often the history is read while the care is. */
    private function gathering(): int
    {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->read();
        // Only SQLite is told which index to take; elsewhere the same query is known by what it leaves out.
        $sign = 'sqlite' === DB::getDriverName() ? 'entries_no_taps' : 'from entries where "machine_id"';
        $queries = array_filter(DB::getQueryLog(), static fn (array $query): bool => str_contains($query['query'], $sign));
        DB::disableQueryLog();

        return count($queries);
    }

    public function test_a_second_look_reads_no_logbook(): void
    {
        self::assertSame(1, $this->gathering());
        self::assertSame(0, $this->gathering());
    }

    public function test_losing_what_is_kept_changes_nothing(): void
    {
        $before = $this->read();
        Cache::flush();
        $after = $this->read();

        foreach (['rhythm', 'history', 'estimate'] as $what) {
            self::assertEquals($before->$what(), $after->$what(), $what);
        }
    }

    public function test_another_entry_is_seen_at_once(): void
    {
        $before = $this->read();
        $id = $this->opened('2026-06-10', 'clear');
        self::assertSame('2026-06-10', (string) $this->read()->history()->last()?->day);
        $this->post("/entries/$id/void");
        self::assertEquals($before->rhythm(), $this->read()->rhythm(), 'undone');
    }

    public function test_another_day_is_another_rhythm(): void
    {
        $wear = $this->read()->rhythm()->wear;
        $this->clock->move('+1 day');
        self::assertGreaterThan($wear, $this->read()->rhythm()->wear);
        self::assertSame(0, $this->gathering(), 'and is kept for the day');
    }

    public function test_another_habit_school_trait_or_zone_is_another_rhythm(): void
    {
        foreach ([
            fn () => $this->machine->update(['habits' => ['loadsPerWeek' => 3.0, 'plates' => 'scrape']]),
            fn () => $this->machine->update(['schools' => ['filter' => 'quarterly']]),
            fn () => $this->machine->update(['traits' => ['tub' => 'plastic', 'filter' => 'sealed', 'arms' => 'one']]),
            fn () => $this->user->home()->update(['timezone' => 'Pacific/Auckland']),
        ] as $change) {
            $this->read();
            $change();
            self::assertSame(1, $this->gathering());
        }
        self::assertSame('Drain mouth', $this->read()->name());
    }

    public function test_another_handbook_is_another_rhythm(): void
    {
        $before = $this->read();
        $compiled = (new HandbookCompiler(base_path('handbook')))->compile();
        \assert(is_array($compiled['rhythm']) && is_array($compiled['rhythm']['model']));
        $compiled['version'] = 'another';
        $compiled['rhythm']['model']['priorWeight'] = 3;
        $this->app->instance(Handbook::class, new Handbook($compiled));

        self::assertNotEqualsWithDelta(
            $before->rhythm()->deciding->learned->interval,
            $this->read()->rhythm()->deciding->learned->interval,
            1e-6,
        );
    }

    public function test_what_cannot_be_read_back_is_made_anew(): void
    {
        $before = $this->read();
        foreach (['garbage', ['x' => 'y'], [$this->machine->id => new \stdClass()]] as $broken) {
            Cache::forever("care.1.{$this->user->household_id}", $broken);
            self::assertEquals($before->rhythm(), $this->read()->rhythm());
        }
    }

    public function test_only_the_newest_openings_are_kept_and_all_are_learned_from(): void
    {
        for ($day = 2; $day <= 15; ++$day) {
            $this->opened(sprintf('2026-06-%02d', $day), 'film');
        }
        $care = $this->read();

        self::assertCount(8, $care->history()->openings);
        self::assertSame(15, $care->rhythm()->deciding->learned->openings, 'sixteen openings, the first has nothing before it');
    }

    public function test_machines_of_one_household_are_kept_side_by_side(): void
    {
        $other = $this->machineOf($this->user);
        $household = $this->user->home();
        $cares = app(CareReader::class)->household($household);
        self::assertCount(2, $cares);
        self::assertSame(0, $this->gathering());
        $byId = array_column(
            array_map(static fn ($care): array => [$care->machine->id, $care->tasks['filter']->neverOpened()], $cares),
            1,
            0,
        );
        self::assertSame(
            [$this->machine->id => false, $other->id => true],
            [$this->machine->id => $byId[$this->machine->id], $other->id => $byId[$other->id]],
        );
    }
}
