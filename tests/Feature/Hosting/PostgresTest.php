<?php

declare(strict_types=1);

namespace Tests\Feature\Hosting;

use App\Databases\DataMove;
use App\Databases\PostgresHomeConnection;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\TestCase;

/** What is PostgreSQL's own; bin/test --postgres runs it and every other test of the pages there. */
final class PostgresTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        if ('pgsql' !== DB::getDriverName()) {
            self::markTestSkipped('only with bin/test --postgres');
        }
    }

    public function test_the_logbook_refuses_changes_there_too(): void
    {
        $ama = $this->member();
        $machine = $this->machineOf($ama);
        $this->actingAs($ama)->post("/machines/$machine->id/uses", ['id' => $this->ulid(), 'uses' => 1]);
        foreach (['update', 'delete'] as $change) {
            try {
                DB::transaction(static fn () => 'update' === $change
                    ? DB::table('entries')->update(['part' => 'x'])
                    : DB::table('entries')->delete());
                self::fail("$change was let through");
            } catch (\PDOException $e) {
                self::assertStringContainsString('the logbook only grows', $e->getMessage());
            }
        }
    }

    public function test_two_writers_of_one_household_take_turns_and_two_households_do_not_wait(): void
    {
        config(['database.connections.second' => config('database.connections.pgsql')]);
        $second = DB::connection('second');
        self::assertInstanceOf(PostgresHomeConnection::class, $second);
        DB::statement("select pg_advisory_xact_lock(hashtext('one'))"); // as a writer of the first household holds it
        $second->statement("set lock_timeout = '200ms'");
        PostgresHomeConnection::lock(true);
        PostgresHomeConnection::of('two');
        $second->transaction(static fn () => $second->select('select 1'));
        PostgresHomeConnection::of('one');
        try {
            $second->transaction(static fn () => $second->select('select 1'));
            self::fail('it did not wait');
        } catch (\PDOException $e) {
            self::assertStringContainsString('lock timeout', $e->getMessage());
        } finally {
            PostgresHomeConnection::of(null);
            PostgresHomeConnection::lock(false);
            DB::purge('second');
        }
    }

    public function test_a_sqlite_installation_moves_across_with_everything(): void
    {
        $path = storage_path('framework/testing/'.uniqid('move').'.sqlite');
        $packed = dirname(__DIR__, 2).'/fixtures/installations/735c350.sqlite.gz';
        file_put_contents($path, (string) gzdecode((string) file_get_contents($packed)));
        config(['database.connections.sqlite.database' => $path]);
        DB::purge('sqlite');
        try {
            Artisan::call('migrate', ['--force' => true, '--database' => 'sqlite']);
            $counts = app(DataMove::class)->run();
            foreach (['entries', 'ticks', 'rounds', 'traces', 'machines', 'devices', 'memberships'] as $table) {
                self::assertSame(DB::connection('sqlite')->table($table)->count(), $counts[$table]);
                self::assertSame($counts[$table], DB::table($table)->count(), $table);
            }
            $key = static fn (string $connection): array => DB::connection($connection)->table('entries')->orderBy('seq')
                ->get(['seq', 'id', 'happened_at', 'payload'])->map(static fn (object $row): array => (array) $row)->all();
            self::assertSame($key('sqlite'), $key('pgsql'));
            $tables = array_column(Schema::connection('sqlite')->getTables(), 'name');
            self::assertSame([], array_diff($tables, array_keys($counts), ['migrations', 'sqlite_sequence']), 'every table moves');
            $ama = \App\Models\User::query()->orderBy('id')->firstOrFail();
            $this->actingAs($ama)->get('/')->assertOk();
            $machine = $ama->home()->machines()->firstOrFail();
            $this->post("/machines/$machine->id/uses", ['id' => $this->ulid(), 'uses' => 1])->assertSessionHasNoErrors();
            $this->expectException(\RuntimeException::class);
            app(DataMove::class)->run();
        } finally {
            DB::purge('sqlite');
            unlink($path);
        }
    }
}
