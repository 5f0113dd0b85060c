<?php

declare(strict_types=1);

namespace App\Databases;

use Illuminate\Database\Schema\Grammars\PostgresGrammar;
use Illuminate\Support\Fluent;

/** Keeps JSON as the text that was written, to the byte, as SQLite does. */
final class PostgresTextGrammar extends PostgresGrammar
{
    /** @param Fluent<string, mixed> $column */
    protected function typeJson(Fluent $column): string
    {
        return 'text';
    }

    /** @param Fluent<string, mixed> $column */
    protected function typeChar(Fluent $column): string
    {
        return 'varchar('.(is_numeric($column['length']) ? (int) $column['length'] : 26).')';
    }
}
