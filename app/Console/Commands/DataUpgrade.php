<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backups\BackupFailed;
use App\Backups\Upgrade;
use Illuminate\Console\Command;

/** Brings the database to this version of the program. */
final class DataUpgrade extends Command
{
    protected $signature = 'data:upgrade';

    protected $description = 'Copies the database, changes it for this version, checks it, and puts the copy back when that fails';

    public function handle(Upgrade $upgrade): int
    {
        try {
            $made = $upgrade->run();
        } catch (BackupFailed $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $this->line(0 === $made ? 'Nothing to change; everything can be read.' : "$made changes made; everything can be read.");

        return self::SUCCESS;
    }
}
