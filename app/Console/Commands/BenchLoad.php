<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Database\Seeders\BusyHousehold;
use Illuminate\Console\Command;

/** Loads the household that bin/bench measures with. */
final class BenchLoad extends Command
{
    protected $signature = 'bench:load {years=10}';

    protected $description = 'Loads a made-up household with years of entries, for measuring';

    public function handle(BusyHousehold $household): int
    {
        [$entries, $tasks] = $household->load(max(1, min(30, (int) $this->argument('years'))));
        $this->line("{$this->argument('years')} years: $entries entries, $tasks tasks");

        return self::SUCCESS;
    }
}
