<?php

declare(strict_types=1);

namespace App\Databases;

use Illuminate\Database\Query\Grammars\PostgresGrammar;

/** Looks into JSON that is kept as text. */
final class PostgresTextQuery extends PostgresGrammar
{
    /** @param string $value column and path: payload->task */
    protected function wrapJsonSelector($value): string
    {
        return (string) preg_replace('/^([^>]+?)->/', '($1)::jsonb->', parent::wrapJsonSelector($value));
    }
}
