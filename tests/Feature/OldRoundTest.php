<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Entry;
use App\Models\Round;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** A round that began before rounds knew of which task a grade is and what vessels are made of. */
final class OldRoundTest extends TestCase
{
    public function test_it_goes_on_after_the_update(): void
    {
        $user = $this->member();
        $round = $this->startRound($user, $this->machineOf($user));
        $migration = require database_path('migrations/2026_11_25_000003_keep_apart.php');
        \assert($migration instanceof Migration && method_exists($migration, 'up') && method_exists($migration, 'down'));
        $migration->down();
        $old = str_replace(['"of":"filter",', ',"of":"filter"'], '', (string) json_encode($round->script));
        self::assertStringNotContainsString('"of"', $old);
        $script = json_decode($old, true);
        \assert(is_array($script));
        $script['kinds'][0]['kind']['vessels'] = ['tub', 'sink', 'bowl'];
        DB::table('rounds')->where('id', $round->id)->update(['script' => json_encode($script)]);
        $migration->up();

        $round = Round::query()->with('machine')->findOrFail($round->id);
        $this->get("/rounds/$round->id")->assertOk();
        $this->walk($round, ['found' => 'patchy']);
        $this->post("/rounds/$round->id/end", ['how' => 'finished'])->assertSessionHasNoErrors();
        self::assertSame('filter', Entry::query()->where('kind', 'opening')->latest('seq')->firstOrFail()->payload['task']);
    }
}
