<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Databases\DataMove;
use Illuminate\Console\Command;

/** Moves an installation from SQLite to PostgreSQL. */
final class DataMoveToPostgres extends Command
{
    protected $signature = 'data:move';

    protected $description = 'Moves all households from the SQLite file to the PostgreSQL database of .env, with counts checked';

    public function handle(DataMove $move): int
    {
        try {
            foreach ($move->run() as $table => $count) {
                $this->line(str_pad($table, 24).$count);
            }
        } catch (\RuntimeException $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $this->line('All of it is there. Set DB_CONNECTION=pgsql in .env and start anew; the SQLite file is as it was.');

        return self::SUCCESS;
    }
}
