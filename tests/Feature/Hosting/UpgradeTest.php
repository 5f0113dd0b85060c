<?php

declare(strict_types=1);

namespace Tests\Feature\Hosting;

use App\Backups\BackupFailed;
use App\Backups\SchemaState;
use App\Backups\Upgrade;
use App\Models\Device;
use App\Models\Machine;
use App\Models\Round;
use App\Models\Trace;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** From what an earlier version wrote to today, and back where that fails. */
final class UpgradeTest extends TestCase
{
    use OnDisk;

    #[TestWith(['installations/735c350'])]
    #[TestWith(['rounds/2e331f3'])]
    #[TestWith(['rounds/f18e499'])]
    #[TestWith(['logbook/d1e356f'])]
    public function test_every_earlier_installation_comes_to_today_and_its_pages_open(string $fixture): void
    {
        $this->installed($fixture, function (): void {
            $entries = DB::table('entries')->count();
            self::assertGreaterThan(0, app(Upgrade::class)->run());
            self::assertSame(0, app(Upgrade::class)->run());
            self::assertSame([], (new SchemaState())->pending());
            self::assertSame($entries, DB::table('entries')->count());
            self::assertFileDoesNotExist(app(Upgrade::class)->aside());
            $user = User::query()->whereNotNull('household_id')->orderBy('id')->firstOrFail();
            self::assertTrue($user->isKeeper());
            $this->actingAs($user);
            $pages = ['/', '/kitchen', '/rhythm', '/logbook', '/household', '/account'];
            foreach (Machine::query()->where('household_id', $user->household_id)->pluck('id') as $id) {
                $pages[] = "/machines/$id";
            }
            foreach ([Round::class => 'rounds', Trace::class => 'traces', Device::class => 'devices'] as $model => $path) {
                foreach ($model::query()->where('household_id', $user->household_id)->pluck('id') as $id) {
                    $pages[] = "/$path/$id";
                }
            }
            foreach ($pages as $page) {
                $this->get($page)->assertOk();
            }
        });
    }

    public function test_a_change_that_fails_leaves_the_database_as_it_was(): void
    {
        $this->installed('installations/735c350', function (): void {
            $before = $this->rows();
            $failing = static function (): void {
                Schema::drop('ticks');
                throw new \RuntimeException('no such column');
            };
            try {
                app(Upgrade::class)->run($failing);
                self::fail('it said nothing');
            } catch (BackupFailed $e) {
                self::assertStringContainsString('no such column', $e->getMessage());
            }
            self::assertSame($before, $this->rows());
            self::assertFileDoesNotExist(app(Upgrade::class)->aside());
        });
    }

    public function test_a_change_that_leaves_something_unreadable_is_taken_back(): void
    {
        $this->installed('installations/735c350', function (): void {
            $before = $this->rows();
            $breaking = static function (): void {
                Artisan::call('migrate', ['--force' => true]);
                DB::statement('PRAGMA foreign_keys = OFF');
                DB::table('machines')->update(['household_id' => 'nobody']);
            };
            $this->expectException(BackupFailed::class);
            try {
                app(Upgrade::class)->run($breaking);
            } finally {
                self::assertSame($before, $this->rows());
            }
        });
    }

    public function test_one_that_was_killed_half_way_is_put_back_by_the_next(): void
    {
        $this->installed('installations/735c350', function (): void {
            $before = $this->rows();
            $copy = app(Upgrade::class)->aside();
            app(\App\Backups\DatabaseCopy::class)->to($copy); // as the killed one left it
            DB::statement('PRAGMA foreign_keys = OFF');
            Schema::drop('ticks');
            app(Upgrade::class)->run();
            self::assertSame(count($before['ticks']), DB::table('ticks')->count());
            self::assertFileDoesNotExist($copy);
            self::assertSame([], (new SchemaState())->pending());
        });
    }

    public function test_what_a_newer_version_wrote_is_refused_in_words(): void
    {
        $this->installed('installations/735c350', function (): void {
            DB::table('migrations')->insert(['migration' => '2031_01_01_000000_from_the_future', 'batch' => 99]);
            self::assertSame(1, Artisan::call('data:upgrade'));
            self::assertStringContainsString('A newer version has written this', Artisan::output());
            self::assertFalse(Schema::hasTable('memberships'), 'nothing was changed');
        });
    }
}
