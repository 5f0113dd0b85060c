<?php

declare(strict_types=1);

namespace App\Support;

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

    public function inTransaction(): bool
    {
        return $this->open;
    }
}
