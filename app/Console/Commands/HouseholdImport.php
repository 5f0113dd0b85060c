<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Household\ImportHousehold;
use App\Exchange\ArchiveReader;
use App\Exchange\ImportRefused;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Brings a household in that is too large for a browser to send. */
final class HouseholdImport extends Command
{
    protected $signature = 'household:import
        {file : the zip}
        {email : of the account that keeps it from now on}
        {--merge : into the household that this account has open}';

    protected $description = 'Brings a household in from a zip: all of it or nothing';

    public function handle(ArchiveReader $reader, ImportHousehold $import): int
    {
        $user = User::byEmail((string) $this->argument('email'));
        if (null === $user) {
            $this->error('There is no account with that address.');

            return self::FAILURE;
        }
        $folder = storage_path('framework/cache/'.uniqid('import'));
        try {
            $file = $reader->read((string) $this->argument('file'), $folder);
            $household = $import->handle($file, $user, $file->exportedBy, (bool) $this->option('merge'));
            $this->line("It is all in $household->name now.");
        } catch (ImportRefused $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        } finally {
            File::deleteDirectory($folder);
        }

        return self::SUCCESS;
    }
}
