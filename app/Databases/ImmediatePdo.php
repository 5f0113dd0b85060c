<?php

declare(strict_types=1);

namespace App\Databases;

/**
 * SQLite through PDO, with transactions that take the write lock when they begin.
 *
 * A deferred transaction that reads first and writes later fails at once when another writer came in
 * between, whatever the busy timeout; an immediate one waits its turn.
 */
final class ImmediatePdo extends \PDO
{
    private bool $open = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE');

        return $this->open = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->open = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->open = false;
        $this->exec('ROLLBACK');

        return true;
    }

    /**
     * A full disk makes SQLite take the whole transaction back by itself; taking it back once more is then no
     * failure, and must not hide the real one.
     */
    public function exec(string $statement): int|false
    {
        try {
            return parent::exec($statement);
        } catch (\PDOException $e) {
            if (
                str_starts_with($statement, 'ROLLBACK')
                && 1 === preg_match('/no such savepoint|no transaction is active/', $e->getMessage())
            ) {
                return 0;
            }

            throw $e;
        }
    }

    public function inTransaction(): bool
    {
        return $this->open;
    }
}
