<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What queries ask of SQLite and PostgreSQL calls otherwise, by the same names. */
return new class extends Migration {
    public function up(): void
    {
        if ('pgsql' !== DB::getDriverName()) {
            return;
        }
        DB::unprepared(<<<'SQL'
            CREATE OR REPLACE FUNCTION json_extract(doc text, path text) RETURNS text LANGUAGE sql IMMUTABLE AS
                $$ SELECT doc::jsonb #>> string_to_array(substr(path, 3), '.') $$;
            CREATE OR REPLACE FUNCTION strftime(form text, at timestamp) RETURNS text LANGUAGE sql IMMUTABLE AS
                $$ SELECT floor(extract(epoch FROM at))::bigint::text $$;
            CREATE OR REPLACE FUNCTION group_concat_step(text, text) RETURNS text LANGUAGE sql IMMUTABLE AS
                $$ SELECT CASE WHEN $1 IS NULL THEN $2 WHEN $2 IS NULL THEN $1 ELSE $1 || ',' || $2 END $$;
            DO $$ BEGIN
                IF NOT EXISTS (SELECT 1 FROM pg_proc WHERE proname = 'group_concat') THEN
                    CREATE AGGREGATE group_concat(text) (SFUNC = group_concat_step, STYPE = text);
                END IF;
            END $$;
            SQL);
    }
};
