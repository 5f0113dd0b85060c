<?php

declare(strict_types=1);

namespace Tests\Feature\Rounds;

use App\Actions\Rounds\ProjectRound;
use App\Models\Entry;
use App\Models\Round;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Tests\TestCase;

/** Rounds that earlier versions wrote, in progress at different steps: the databases in tests/fixtures/rounds, updated. */
#[Group('long')]
final class OldRoundTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function snapshots(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/fixtures/rounds/*.sqlite.gz') ?: [] as $file) {
            yield basename($file, '.sqlite.gz') => [$file];
        }
    }

    #[DataProvider('snapshots')]
    public function test_they_open_go_on_and_end(string $file): void
    {
        $path = (string) tempnam(storage_path('framework/testing'), 'old');
        file_put_contents($path, (string) gzdecode((string) file_get_contents($file)));
        $this->onDatabase($path, function (): void {
            Artisan::call('migrate', ['--force' => true]);
            $user = User::query()->where('email', 'old@marrowick.example')->sole();
            $this->actingAs($user);
            $this->clock->move('+1 day');
            $this->get('/')->assertOk();
            $rounds = Round::query()->with('machine')->orderBy('id')->get();
            self::assertGreaterThan(7, $rounds->count());
            foreach ($rounds as $round) {
                self::assertTrue($round->isReadable(), implode(', ', $round->procedures));
                $this->get("/rounds/$round->id")->assertOk();
                $this->get("/machines/$round->machine_id")->assertOk();
                $this->get("/rounds/$round->id/record")->assertOk();
                null === $round->ended_at ? $this->goOn($round, $user) : $this->get('/logbook')->assertOk();
            }
        });
        unlink($path);
    }

    private function goOn(Round $round, User $user): void
    {
        $round->setRelation('ticks', $round->ticks()->get());
        $before = Entry::inForce($round->entries()->where('kind', '!=', 'voiding')->get())->count();
        app(ProjectRound::class)->handle($round, $user);
        self::assertSame(
            $before,
            Entry::inForce($round->fresh()?->entries()->where('kind', '!=', 'voiding')->get() ?? Entry::query()->get())->count(),
            'what it wrote stays as it is: '.implode(', ', $round->procedures),
        );
        $this->get("/rounds/$round->id/ahead")->assertOk();
        $this->walk(Round::query()->with('machine')->findOrFail($round->id), ['suds' => 'none']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished', 'knows' => '1'])->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")->assertOk();
    }

    public function test_one_that_cannot_be_read_says_so_can_be_ended_and_breaks_nothing_else(): void
    {
        $user = $this->member();
        $machine = $this->machineOf($user);
        $round = $this->startRound($user, $machine);
        $this->tick($round, 'hold-to-light', 'heavy');
        $good = $this->startRound($user, $this->machineOf($user, ['name' => 'Other']), 'look-and-wipe');
        foreach ([
            '{"kinds":[{"id":"filter-clean"}]}',
            '{}',
            '{"kinds":[{"kind":{"id":"dishwasher"},"steps":[{"id":7}],"procedures":[[]]}]}',
        ] as $script) {
            DB::table('rounds')->where('id', $round->id)->update(['script' => $script]);
            $this->get('/')->assertOk()->assertSee('a round that cannot go on')->assertSee(__('views/today/ask.a_round_is_under_way'));
            $this->get("/rounds/$round->id")
                ->assertOk()
                ->assertSee(__('rounds.unreadable'))
                ->assertSee(__('views/rounds/unreadable.end_this_round'))
                ->assertSee('checked: heavy');
            foreach ([
                "/machines/$machine->id",
                "/machines/$machine->id/rounds/new",
                '/kitchen',
                '/logbook',
                '/rhythm',
                "/rounds/$good->id",
                "/rounds/$round->id/record",
            ] as $page) {
                $this->get($page)->assertOk();
            }
            $this->tick($round, 'soak')->assertSessionHasErrors('did');
            $this->postJson("/rounds/$round->id/ticks", ['id' => $this->ulid(), 'step' => 'soak'])->assertUnprocessable();
        }
        $this->post("/rounds/$round->id/end", ['how' => 'stopped', 'knows' => '1'])->assertSessionHasNoErrors();
        $this->get("/rounds/$round->id")->assertOk()->assertSee(__('views/rounds/unreadable.this_round_has_ended'));
        $this->get('/')->assertOk()->assertDontSee('a round that cannot go on');
    }
}
