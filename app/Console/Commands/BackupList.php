<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backups\BackupFolder;
use Illuminate\Console\Command;
use Illuminate\Support\Number;

/** Lists the backups there are. */
final class BackupList extends Command
{
    protected $signature = 'backup:list';

    protected $description = 'Lists the backups, the newest first';

    public function handle(BackupFolder $folder): int
    {
        foreach ($folder->all() as $backup) {
            $this->line($backup->madeAt->format('Y-m-d H:i:s')." UTC  $backup->path  ".Number::fileSize($backup->bytes));
        }
        if ([] === $folder->all()) {
            $this->line("There is none yet in $folder->path.");
        }

        return self::SUCCESS;
    }
}
