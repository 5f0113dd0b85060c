<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\Models\Entry;
use App\Models\Machine;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** A logbook that an earlier version wrote, in which a day without an hour stood at noon. */
final class OldLogbookTest extends TestCase
{
    public function test_days_without_an_hour_move_to_where_they_belong_and_nothing_else_changes(): void
    {
        $path = (string) tempnam(storage_path('framework/testing'), 'old');
        file_put_contents($path, (string) gzdecode((string) file_get_contents(dirname(__DIR__, 2).'/fixtures/logbook/d1e356f.sqlite.gz')));
        $this->onDatabase($path, function (): void {
            $before = DB::table('entries')->orderBy('seq')->get(['id', 'kind', 'payload', 'recorded_at'])->all();
            Artisan::call('migrate', ['--force' => true]);
            self::assertEquals($before, DB::table('entries')->orderBy('seq')->get(['id', 'kind', 'payload', 'recorded_at'])->all());
            self::assertSame([
                '2026-05-01 21:59:59', // told later: the end of its day in Stockholm
                '2026-06-10 16:30:00', // written down on the day itself: that moment
                '2026-06-08 21:59:59',
                '2026-06-12 07:00:00',
                '2026-06-12 07:00:00',
            ], Entry::query()->orderBy('seq')
                ->get()
                ->map(static fn (Entry $entry): string => $entry->happened_at->format('Y-m-d H:i:s'))
                ->all());
            $machine = Machine::query()->sole();
            $this->actingAs(User::query()->where('email', 'old@marrowick.example')->sole());
            $this->get("/machines/$machine->id?task=filter")->assertOk()->assertSee('since 10 June');
            $this->get('/logbook?show=all')->assertOk()->assertSee(__('logbook.entered', ['day' => '12 June']));
            $this->get("/machines/$machine->id/uses")->assertOk()->assertSee(__('machines.known.told'));
            $refused = false;
            try {
                DB::table('entries')->update(['happened_at' => '2026-01-01 00:00:00']);
            } catch (\Illuminate\Database\QueryException) {
                $refused = true;
            }
            self::assertTrue($refused, 'the logbook only grows, as before');
        });
        unlink($path);
    }
}
