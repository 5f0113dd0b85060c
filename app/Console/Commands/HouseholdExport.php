<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use App\View\Exchange\ExportArchive;
use Illuminate\Console\Command;

/** Takes somebody's household along in one file. */
final class HouseholdExport extends Command
{
    protected $signature = 'household:export {email : of somebody who has it open} {file : where the zip goes}';

    protected $description = 'Writes a household, its pictures and papers into one zip';

    public function handle(ExportArchive $archive): int
    {
        $user = User::byEmail((string) $this->argument('email'));
        if (null === $user?->household_id) {
            $this->error('Nobody with that address has a household open.');

            return self::FAILURE;
        }
        $made = $archive->make($user->home(), $user);
        if (!@copy($made, (string) $this->argument('file'))) {
            $this->error('The file cannot be written.');
        }
        unlink($made);

        return is_file((string) $this->argument('file')) ? self::SUCCESS : self::FAILURE;
    }
}
