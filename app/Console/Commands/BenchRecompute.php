<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Care\Readers\CareReader;
use App\Models\User;
use Database\Seeders\BusyHousehold;
use GoodRinse\Core\Handbook\Compiler\HandbookCompiler;
use Illuminate\Console\Command;
use Illuminate\Contracts\Cache\Repository;

/** Measures how long everything takes to be computed anew after the handbook has changed. */
final class BenchRecompute extends Command
{
    private const TIMES = 7;

    protected $signature = 'bench:recompute';

    protected $description = 'Measures computing everything anew after a change of the handbook';

    public function handle(Repository $cache): int
    {
        $household = User::query()->where('email', BusyHousehold::email(BusyHousehold::YEARS))->firstOrFail()->home();
        $times = [];
        for ($time = 0; $time < self::TIMES; ++$time) {
            $cache->clear();
            $start = hrtime(true);
            (new HandbookCompiler(config()->string('good-rinse.handbook')))->compile();
            $this->laravel->make(CareReader::class)->household($household);
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);
        $this->line(sprintf(
            'everything of the ten-year household after a change of the handbook, its reading included: p50 %.0f ms, slowest %.0f ms',
            $times[intdiv(self::TIMES, 2)],
            $times[self::TIMES - 1],
        ));

        return self::SUCCESS;
    }
}
