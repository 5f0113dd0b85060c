<?php

declare(strict_types=1);

namespace App\Databases;

use Illuminate\Database\Connectors\SQLiteConnector;

/** Connects to SQLite with ImmediatePdo. */
final class ImmediateSqliteConnector extends SQLiteConnector
{
    /**
     * @param string $dsn
     * @param string $username
     * @param string $password
     * @param array<int, mixed> $options
     */
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): \PDO
    {
        return new ImmediatePdo($dsn, $username, $password, $options);
    }
}
