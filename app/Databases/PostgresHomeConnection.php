<?php

declare(strict_types=1);

namespace App\Databases;

use Illuminate\Database\PostgresConnection;

/**
 * PostgreSQL, with transactions that take the household's write lock when they begin: what is read in one holds until it is
 * written, as with SQLite's single writer, and households do not wait for each other.
 */
final class PostgresHomeConnection extends PostgresConnection
{
    /** Whose lock a transaction takes; everybody's where nobody is known (accounts, the command line). */
    private static string $household = '';

    /** Tests that run whole in one transaction, which is taken back, would wait for what an earlier one left open. */
    private static bool $locks = true;

    public static function lock(bool $locks): void
    {
        self::$locks = $locks;
    }

    /** @param array<string, mixed> $config */
    public static function make(\PDO|\Closure $pdo, string $database, string $prefix, array $config): self
    {
        return new self($pdo, $database, $prefix, $config);
    }

    public static function of(?string $household): void
    {
        self::$household = (string) $household;
    }

    public function beginTransaction(): void
    {
        $isOuter = 0 === $this->transactionLevel();
        parent::beginTransaction();
        if ($isOuter && self::$locks) {
            $this->statement('select pg_advisory_xact_lock(hashtext(?))', [self::$household]);
        }
    }

    protected function getDefaultQueryGrammar(): PostgresTextQuery
    {
        return new PostgresTextQuery($this);
    }

    protected function getDefaultSchemaGrammar(): PostgresTextGrammar
    {
        return new PostgresTextGrammar($this);
    }
}
