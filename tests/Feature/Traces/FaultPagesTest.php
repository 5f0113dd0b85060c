<?php

declare(strict_types=1);

namespace Tests\Feature\Traces;

use App\Handbook\CompiledHandbook;
use App\Models\Entry;
use GoodRinse\Core\Handbook\Compiler\InvalidHandbook;
use Illuminate\Support\Facades\DB;
use Psr\Log\NullLogger;
use Tests\TestCase;

/** What goes wrong outside, and what a person is then told. */
final class FaultPagesTest extends TestCase
{
    public function test_a_note_without_end_is_refused_and_nothing_is_ticked(): void
    {
        $user = $this->member();
        $round = $this->startRound($user, $this->machineOf($user));
        $this->from("/rounds/$round->id")
            ->tick($round, 'kit', null, ['note' => str_repeat('x', 2001)])
            ->assertSessionHasErrors('note')
            ->assertSessionHasInput('note');
        $this->tick($round, 'kit', null, ['id' => ['a']])->assertSessionHasErrors('id');
        $this->tick($round, str_repeat('s', 200))->assertSessionHasErrors('step');
        self::assertSame([0, 0], [$round->ticks()->count(), Entry::query()->count()]);
    }

    public function test_malformed_json_gets_a_clear_answer(): void
    {
        $user = $this->member();
        $round = $this->startRound($user, $this->machineOf($user));
        $answer = $this->call(
            'POST',
            "/rounds/$round->id/ticks",
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            '{"id": "01H',
        );
        $answer->assertUnprocessable()->assertJsonValidationErrors(['id', 'step']);
        self::assertSame(0, $round->ticks()->count());
    }

    public function test_scripts_are_told_in_words_for_people(): void
    {
        $this->postJson('/machines', [])->assertUnauthorized()->assertJsonFragment(
            ['message' => __('failures.logged_out').' '.__('failures.logged_out_advice')],
        );
        $this->actingAs($this->member())->getJson("/rounds/{$this->ulid()}")->assertNotFound()->assertJsonFragment(
            ['message' => 'There is nothing here. It may have been removed, or it belongs to another household.'],
        );
    }

    public function test_a_full_disk_under_the_logbook_keeps_what_was_typed(): void
    {
        $path = storage_path('framework/testing/full.sqlite');
        file_put_contents($path, '');
        $this->onDatabase($path, fn () => $this->writeUntilFull());
        array_map(unlink(...), glob("$path*") ?: []);
    }

    private function writeUntilFull(): void
    {
        $this->artisan('migrate', ['--force' => true]);
        $user = $this->member();
        $round = $this->startRound($user, $this->machineOf($user));
        $pages = DB::selectOne('PRAGMA page_count');
        DB::statement('PRAGMA max_page_count = '.(is_object($pages) ? $pages->page_count : 0));
        for ($i = 0; $i < 60 && !session()->has('errors'); ++$i) {
            $answer = $this->from("/rounds/$round->id")->tick(
                $round,
                0 === $i % 2 ? 'kit' : 'rack-out',
                null,
                ['note' => str_repeat('long ', 390)],
            );
            $answer->assertRedirect("/rounds/$round->id");
        }
        $answer->assertSessionHasErrors(
            ['did' => 'The disk is full, so nothing was written. What you typed is still here: free some space, then send it again.'],
        )->assertSessionHasInput('note');
        [$ticks, $entries] = [$round->ticks()->count(), Entry::query()->count()];
        DB::statement('PRAGMA max_page_count = 1000000');
        $this->tick($round, 'power-off', null, ['note' => 'there is room again'])->assertSessionHasNoErrors();
        self::assertSame([$ticks + 1, $entries + 1], [$round->ticks()->count(), Entry::query()->count()], 'nothing half-written was left');
    }

    public function test_a_missing_database_is_said_plainly(): void
    {
        $user = $this->member();
        $this->onDatabase('/nowhere/at/all.sqlite', function () use ($user): void {
            $this->get('/login')->assertOk();
            $this->actingAs($user->setConnection('other')->unsetRelations())
                ->get('/')
                ->assertServiceUnavailable()
                ->assertSee(__('failures.missing'))
                ->assertSee('Nothing was changed')
                ->assertHeader('X-Frame-Options', 'DENY');
            $this->getJson('/')->assertServiceUnavailable()->assertJsonStructure(['message']);
        });
    }

    public function test_a_locked_database_keeps_what_was_typed(): void
    {
        $path = storage_path('framework/testing/locked.sqlite');
        @unlink($path);
        touch($path);
        $this->onDatabase($path, fn () => $this->writeWhileLocked($path));
    }

    private function writeWhileLocked(string $path): void
    {
        $this->artisan('migrate', ['--force' => true]);
        $user = $this->member();
        $machine = $this->machineOf($user);
        $round = $this->startRound($user, $machine);
        $other = new \PDO("sqlite:$path");
        $other->exec('BEGIN IMMEDIATE');
        $id = $this->ulid();

        $this->from("/rounds/$round->id")
            ->tick($round, 'kit', null, ['id' => $id, 'note' => 'typed'])
            ->assertRedirect("/rounds/$round->id")
            ->assertSessionHasErrors('did')
            ->assertSessionHasInput('note', 'typed');
        $this->postJson("/rounds/$round->id/ticks", ['id' => $id, 'step' => 'kit'])->assertServiceUnavailable()->assertJsonFragment(
            ['message' => 'The logbook is busy just now, so nothing was written. What you typed is still here: send it again in a moment.'],
        );
        $this->get('/')->assertOk();
        $other->exec('ROLLBACK');
        $this->tick($round, 'kit', null, ['id' => $id])->assertSessionHasNoErrors();
        self::assertSame(1, $round->ticks()->count());
    }

    public function test_a_broken_handbook_leaves_the_last_good_one_in_use(): void
    {
        $folder = storage_path('framework/testing/handbook-'.bin2hex(random_bytes(4)));
        exec('cp -r '.escapeshellarg(base_path('handbook')).' '.escapeshellarg($folder));
        $cache = "$folder.php";
        $book = new CompiledHandbook($folder, $cache, new NullLogger());
        $version = $book->get()->version();
        file_put_contents("$folder/kit.yaml", "- { id: torch }\n");
        clearstatcache();
        self::assertSame($version, $book->get()->version());

        unlink($cache);
        unlink("$cache.bin");
        $this->expectException(InvalidHandbook::class);
        $this->expectExceptionMessage('kit.yaml /0');
        try {
            $book->get();
        } finally {
            exec('rm -r '.escapeshellarg($folder));
        }
    }

    public function test_the_demo_is_the_same_whenever_it_is_loaded_on_a_day(): void
    {
        $seen = [];
        foreach ([0, 1] as $time) {
            $this->clock->move("+$time hours");
            DB::beginTransaction();
            self::assertSame(0, $this->artisan('demo:load'));
            self::assertSame(0, $this->artisan('demo:load'));
            // A part is named after its machine, which has another id each time.
            $seen[] = (string) preg_replace(
                '/part\.[0-9a-z]{26}/',
                'part.',
                Entry::query()->orderBy('seq')->get(['happened_at', 'payload'])->toJson(),
            );
            $this->actingAs(\App\Models\User::query()->where('email', 'ama@marrowick.example')->firstOrFail())
                ->get('/')
                ->assertSee(__('views/today/ask.one_round_today'))
                ->assertSee('Fine filter')
                ->assertSee(__('views/components/care/last-openings.found_the_last_times'));
            DB::rollBack();
            $this->flushSession();
            cache()->flush();
        }
        self::assertGreaterThan(350, substr_count($seen[0], 'happened_at'));
        self::assertSame($seen[0], $seen[1]);
    }

    public function test_a_file_that_is_no_database_and_one_without_tables_are_said_plainly(): void
    {
        $user = $this->member();
        foreach (['this is not a database, whatever its name says', ''] as $content) {
            $path = storage_path('framework/testing/odd.sqlite');
            file_put_contents($path, $content);
            $this->onDatabase(
                $path,
                fn () => $this->actingAs($user->setConnection('other')->unsetRelations())
                    ->get('/')
                    ->assertServiceUnavailable()
                    ->assertSee('Nothing was changed'),
            );
            array_map(unlink(...), glob("$path*") ?: []);
        }
    }
}
