<?php

declare(strict_types=1);

namespace App\Backups;

use Illuminate\Support\Facades\DB;

/** Copies of the SQLite database, taken while others write, and looks into them. */
final readonly class DatabaseCopy
{
    /** Whether the database is a file here; a server's has ways of its own to be copied. */
    public function isFile(): bool
    {
        return 'sqlite' === DB::getDriverName();
    }

    /** @throws BackupFailed when it cannot be copied or the copy is not whole */
    public function to(string $file): void
    {
        if (!$this->isFile()) {
            throw BackupFailed::because('server');
        }
        is_file($file) && unlink($file);
        try {
            $from = new \SQLite3($this->path(), SQLITE3_OPEN_READONLY);
            $from->enableExceptions(true);
            $from->busyTimeout(10_000);
            $to = new \SQLite3($file);
            $to->enableExceptions(true);
            $from->backup($to);
            $to->exec('PRAGMA journal_mode = DELETE');
            $to->close();
            $from->close();
            chmod($file, 0o600);
        } catch (\Exception $e) {
            throw BackupFailed::because('copy', ['error' => $e->getMessage()]);
        }
        $this->verify($file);
    }

    /** @throws BackupFailed when it is not whole */
    public function verify(string $file): void
    {
        try {
            $copy = new \SQLite3($file, SQLITE3_OPEN_READONLY);
            $copy->enableExceptions(true);
            $whole = 'ok' === $copy->querySingle('PRAGMA integrity_check')
                && null === $copy->querySingle('PRAGMA foreign_key_check')
                && is_int($copy->querySingle('SELECT COUNT(*) FROM households'));
            $copy->close();
        } catch (\Exception $e) {
            throw BackupFailed::because('broken', ['error' => $e->getMessage()]);
        }
        if (!$whole) {
            throw BackupFailed::because('broken', ['error' => 'integrity_check']);
        }
    }

    /** @return list<string> that the database in a file has been through */
    public function migrations(string $file): array
    {
        $copy = new \SQLite3($file, SQLITE3_OPEN_READONLY);
        $names = [];
        $found = $copy->query('SELECT migration FROM migrations ORDER BY migration');
        while (false !== $found && is_array($row = $found->fetchArray(SQLITE3_NUM))) {
            $names[] = is_string($row[0]) ? $row[0] : '';
        }
        $copy->close();

        return $names;
    }

    /** Puts a copy where the application has its database; connections that are open must be closed before. */
    public function putBack(string $file): void
    {
        DB::disconnect();
        foreach (['-wal', '-shm'] as $beside) {
            is_file($this->path().$beside) && unlink($this->path().$beside);
        }
        $draft = $this->path().'.new';
        if (!copy($file, $draft) || !chmod($draft, 0o600) || !rename($draft, $this->path())) {
            throw BackupFailed::because('write', ['path' => $this->path()]);
        }
    }

    public function path(): string
    {
        return config()->string('database.connections.'.config()->string('database.default').'.database');
    }
}
