<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backups\BackupFailed;
use App\Backups\BackupFolder;
use App\Backups\BackupRestorer;
use Illuminate\Console\Command;

/** Brings a backup back. */
final class BackupRestore extends Command
{
    protected $signature = 'backup:restore
        {file? : the newest when left out}
        {--yes : without asking}
        {--take-key : write the key of the backup into .env, for a machine that has none of its own}';

    protected $description = 'Puts database, pictures and papers back as they are in a backup';

    public function handle(BackupFolder $folder, BackupRestorer $restorer): int
    {
        $file = $this->argument('file') ?? $folder->newest()?->path;
        if (!is_string($file) || !is_file($file)) {
            $this->error('There is no such backup. php artisan backup:list shows those there are.');

            return self::FAILURE;
        }
        if (!(bool) $this->option('yes') && !$this->confirm("Everything that was written since goes. Put back $file?")) {
            return self::FAILURE;
        }
        try {
            $key = $restorer->restore($file);
        } catch (BackupFailed $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $this->line('Put back. What was there before lies beside it, with .before in its name.');
        if (null !== $key) {
            (bool) $this->option('take-key') ? $this->takeKey($key) : $this->warn(
                'This installation has another key than the backup. Run it again with --take-key, or device tokens and codes from '
                .'phones cannot be read.',
            );
        }

        return self::SUCCESS;
    }

    private function takeKey(#[\SensitiveParameter] string $key): void
    {
        $env = base_path('.env');
        $text = (string) @file_get_contents($env);
        $line = "APP_KEY=$key";
        $text = 1 === preg_match('/^APP_KEY=.*$/m', $text) ? (string) preg_replace('/^APP_KEY=.*$/m', $line, $text) : "$text\n$line\n";
        file_put_contents($env, $text);
        chmod($env, 0o600);
        $this->line('The key is in .env now. Start the application anew.');
    }
}
