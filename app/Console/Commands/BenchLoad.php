<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Database\Seeders\TenYearHousehold;
use Illuminate\Console\Command;

/** Loads the household that bin/bench measures with. */
final class BenchLoad extends Command
{
    protected $signature = 'bench:load';

    protected $description = 'Loads a made-up household with ten years of entries, for measuring';

    public function handle(TenYearHousehold $household): int
    {
        [$entries, $tasks] = $household->load();
        $this->line("$entries entries, $tasks tasks");

        return self::SUCCESS;
    }
}
