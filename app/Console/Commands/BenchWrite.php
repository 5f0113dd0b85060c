<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Logbook\CountUse;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** Writes entries as fast as it can: one of the writers that bin/robust runs side by side. */
final class BenchWrite extends Command
{
    protected $signature = 'bench:write {email : of the person who writes} {--seconds=30}
        {--aloud : print the id of each entry once it is written}';

    protected $description = 'Writes entries for a while and prints how many, how many failed, and the slowest';

    public function handle(CountUse $count): int
    {
        $person = User::query()->where('email', $this->argument('email'))->sole();
        $machine = $person->home()->machines()->firstOrFail();
        $until = microtime(true) + (float) $this->option('seconds');
        $written = 0;
        $slowest = 0.0;
        $failed = [];
        while (($began = microtime(true)) < $until) {
            try {
                $count->handle($machine, $person, $id = (string) Str::ulid());
                ++$written;
                if ($this->option('aloud')) {
                    $this->line($id);
                }
            } catch (\Throwable $e) {
                $failed[] = $e->getMessage();
            }
            $slowest = max($slowest, microtime(true) - $began);
        }
        $this->line((string) json_encode(
            ['written' => $written, 'failed' => count($failed), 'why' => $failed[0] ?? null, 'slowest' => round($slowest * 1000)],
        ));

        return self::SUCCESS;
    }
}
