<?php

declare(strict_types=1);

namespace App\Databases;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Moves everything from the SQLite file into an empty PostgreSQL database, and counts it on both sides. */
final class DataMove
{
    /** What others refer to comes first. */
    private const TABLES = [
        'households', 'users', 'memberships', 'machines', 'care_sessions', 'rounds', 'traces', 'entries', 'ticks', 'photos',
        'documents', 'supplies', 'devices', 'device_events', 'calendar_feeds', 'invitations', 'logins', 'security_events', 'digests',
        'outbox', 'password_reset_tokens',
    ];

    private const CHUNK = 200;

    /**
     * @return array<string, int> rows moved, by table
     *
     * @throws \RuntimeException when the other database is not empty, or the counts differ; then it is left empty
     */
    public function run(): array
    {
        [$from, $to] = [DB::connection('sqlite'), DB::connection('pgsql')];
        Artisan::call('migrate', ['--force' => true, '--database' => 'pgsql']);
        foreach (self::TABLES as $table) {
            if ($to->table($table)->exists()) {
                throw new \RuntimeException((string) __('household.move.not_empty', ['table' => $table]));
            }
        }

        return $to->transaction(function () use ($from, $to): array {
            $counts = [];
            foreach (self::TABLES as $table) {
                $counts[$table] = self::copy($from, $to, $table);
                if ($to->table($table)->count() !== $from->table($table)->count()) {
                    throw new \RuntimeException((string) __('household.move.differs', ['table' => $table]));
                }
            }

            return $counts;
        });
    }

    private static function copy(Connection $from, Connection $to, string $table): int
    {
        $columns = Schema::connection('pgsql')->getColumnListing($table);
        $key = in_array('seq', $columns, true) ? 'seq' : (in_array('id', $columns, true) ? 'id' : $columns[0]);
        $rows = [];
        $count = 0;
        foreach ($from->table($table)->orderBy($key)->lazy(self::CHUNK) as $row) {
            $rows[] = array_intersect_key((array) $row, array_flip($columns));
            ++$count;
            if (self::CHUNK === count($rows)) {
                $to->table($table)->insert($rows);
                $rows = [];
            }
        }
        $to->table($table)->insert($rows);
        if (0 < $count && is_int($to->table($table)->max($key))) {
            $to->statement("select setval(pg_get_serial_sequence(?, ?), (select max($key) from $table))", [$table, $key]);
        }

        return $count;
    }
}
