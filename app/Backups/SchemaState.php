<?php

declare(strict_types=1);

namespace App\Backups;

use Illuminate\Database\Migrations\Migrator;
use Illuminate\Support\Facades\Schema;

/** What the database has been through, against what this version of the program knows. */
final readonly class SchemaState
{
    private Migrator $migrator;

    public function __construct()
    {
        $this->migrator = app('migrator');
    }

    /** @return list<string> migrations that wait */
    public function pending(): array
    {
        return array_values(array_diff($this->known(), $this->done()));
    }

    /**
     * @param list<string>|null $done migrations; those of the database in use when null
     *
     * @throws BackupFailed when a newer version must have made one of them
     */
    public function ensureNotNewer(?array $done = null): void
    {
        foreach (array_diff($done ?? $this->done(), $this->known()) as $migration) {
            throw BackupFailed::because('newer', ['migration' => $migration]);
        }
    }

    /** @return list<string> */
    private function known(): array
    {
        return array_map(strval(...), array_keys($this->migrator->getMigrationFiles([database_path('migrations')])));
    }

    /** @return list<string> */
    private function done(): array
    {
        return Schema::hasTable('migrations')
            ? array_values(array_filter($this->migrator->getRepository()->getRan(), is_string(...)))
            : [];
    }
}
