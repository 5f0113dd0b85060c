<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backups\BackupFailed;
use App\Backups\BackupMaker;
use Illuminate\Console\Command;
use Illuminate\Support\Number;

/** Makes a backup of everything. */
final class BackupMake extends Command
{
    protected $signature = 'backup:make';

    protected $description = 'Copies database, pictures, papers and key into one file, verifies it, and drops what is surplus';

    public function handle(BackupMaker $maker): int
    {
        try {
            $backup = $maker->make();
        } catch (BackupFailed $e) {
            report($e);
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $this->line("$backup->path, ".Number::fileSize($backup->bytes).', verified.');

        return self::SUCCESS;
    }
}
