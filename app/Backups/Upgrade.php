<?php

declare(strict_types=1);

namespace App\Backups;

use App\Care\Readers\CareReader;
use App\Models\Household;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Schema;

/**
 * Brings the database to this version: copied before, changed, checked, and put back as it was when anything fails. One that
 * was killed half-way is put back by the next one.
 */
final readonly class Upgrade
{
    public function __construct(
        private DatabaseCopy $copy,
        private SchemaState $schema,
        private Handbook $handbook,
        private CareReader $care,
    ) {
    }

    /**
     * @param (\Closure(): mixed)|null $migrate what changes the database; the application's own migrations when null
     *
     * @return int how many migrations were made
     *
     * @throws BackupFailed when a newer version has been here, or the check fails; then the database is as it was
     */
    public function run(?\Closure $migrate = null): int
    {
        $isFile = $this->copy->isFile();
        if ($isFile && is_file($this->aside())) {
            $this->copy->putBack($this->aside());
            unlink($this->aside());
        }
        $this->schema->ensureNotNewer();
        $pending = count($this->schema->pending());
        // A server's database changes in one transaction for each migration, and is not copied here.
        if (!$isFile || !Schema::hasTable('households')) {
            Artisan::call('migrate', ['--force' => true]);
            $this->check();

            return $pending;
        }
        if (0 === $pending && null === $migrate) {
            $this->check();

            return 0;
        }
        $this->copy->to($this->aside().'.part');
        rename($this->aside().'.part', $this->aside());
        try {
            null === $migrate ? Artisan::call('migrate', ['--force' => true]) : $migrate();
            $this->check();
        } catch (\Throwable $e) {
            $this->copy->putBack($this->aside());
            unlink($this->aside());
            throw BackupFailed::because('upgrade', ['error' => $e->getMessage()]);
        }
        unlink($this->aside());

        return $pending;
    }

    /**
     * That the file is whole, the handbook can be read, and every household's machines can be worked out.
     *
     * @throws BackupFailed when the file is not whole
     */
    public function check(): void
    {
        if ($this->copy->isFile()) {
            $this->copy->verify($this->copy->path());
        }
        $this->handbook->version();
        foreach (Household::query()->lazyById(50, 'id') as $household) {
            $this->care->household($household);
        }
    }

    /** Where the database as it was lies while it is being changed. */
    public function aside(): string
    {
        return $this->copy->path().'.before-upgrade';
    }
}
