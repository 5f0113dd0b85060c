<?php

declare(strict_types=1);

namespace App\Databases;

use Illuminate\Support\Facades\DB;

/** Guards the logbook in the database itself: lines are only ever added. */
final class AppendOnly
{
    /** @param string|null $unless SQL that is true of a line which may go or change; null where none may */
    public static function guard(string $change, ?string $unless = null): void
    {
        self::open($change);
        if ('pgsql' !== DB::getDriverName()) {
            $when = null === $unless ? '' : " WHEN NOT ($unless)";
            DB::unprepared(
                "CREATE TRIGGER entries_refuse_$change BEFORE $change ON entries$when
                    BEGIN SELECT RAISE(ABORT, 'the logbook only grows'); END",
            );

            return;
        }
        DB::unprepared(
            "CREATE OR REPLACE FUNCTION entries_refuse() RETURNS trigger LANGUAGE plpgsql AS \$\$
                BEGIN RAISE EXCEPTION 'the logbook only grows'; END \$\$",
        );
        // A condition of a trigger cannot look into other tables there, so a function of its own does.
        $when = '';
        if (null !== $unless) {
            DB::unprepared(
                "CREATE OR REPLACE FUNCTION entries_may_$change(OLD entries) RETURNS boolean LANGUAGE sql STABLE AS
                    \$\$ SELECT $unless \$\$",
            );
            $when = "WHEN (NOT entries_may_$change(OLD))";
        }
        DB::unprepared(
            "CREATE TRIGGER entries_refuse_$change BEFORE $change ON entries FOR EACH ROW $when EXECUTE FUNCTION entries_refuse()",
        );
    }

    public static function open(string $change): void
    {
        DB::unprepared("DROP TRIGGER IF EXISTS entries_refuse_$change".('pgsql' === DB::getDriverName() ? ' ON entries' : ''));
    }
}
