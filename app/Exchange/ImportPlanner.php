<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Household;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Compares a file with what is here: the same ids are the same things. */
final readonly class ImportPlanner
{
    private const CHUNK = 400;

    /** Columns that only say when a row was last touched, or that name a place on this disk. */
    private const LOOSE = ['created_at', 'updated_at', 'file', 'last_seen_at', 'logbook_entry'];

    /**
     * @param bool $merge into the household that is open; into a new one otherwise, unless it is here already
     *
     * @throws ImportRefused when what is in it belongs to somebody else's household here
     */
    public function plan(HouseholdFile $file, User $by, bool $merge): ImportPlan
    {
        $into = $this->into($file, $by, $merge);
        $new = $same = $different = [];
        foreach ($file->tables as $table => $rows) {
            $new[$table] = $same[$table] = 0;
            foreach (array_chunk($rows, self::CHUNK, true) as $some) {
                $there = $this->there($table, $some, $into);
                foreach ($some as $i => $row) {
                    $old = $there[self::key($table, $row)] ?? null;
                    if (null === $old) {
                        ++$new[$table];
                    } else {
                        ++$same[$table];
                        $this->equals($table, $row, $old) || $different[] = "{$table}[$i]";
                    }
                }
            }
        }

        return new ImportPlan($into, $new, $same, $different);
    }

    /** @param array<string, mixed> $row */
    public static function key(string $table, array $row): string
    {
        $text = static fn (string $column): string => is_scalar($row[$column] ?? null) ? (string) $row[$column] : '';

        return 'device_events' === $table ? $text('device_id').' '.$text('event') : $text('id');
    }

    /**
     * @param array<int, array<string, mixed>> $rows of a file
     *
     * @return list<array<string, mixed>> those of the table that have their ids
     */
    public static function rowsLike(string $table, array $rows): array
    {
        $column = 'device_events' === $table ? 'device_id' : 'id';
        $ids = array_values(array_unique(array_filter(array_column($rows, $column), is_string(...))));
        $there = [];
        foreach (DB::table($table)->whereIn($column, $ids)->get() as $row) {
            /** @var array<string, mixed> $columns */
            $columns = get_object_vars($row);
            $there[] = $columns;
        }

        return $there;
    }

    private function into(HouseholdFile $file, User $by, bool $merge): ?string
    {
        if (Household::query()->whereKey($file->id())->exists()) {
            return $by->memberships()->where('household_id', $file->id())->exists()
                ? $file->id()
                : throw ImportRefused::because('elsewhere');
        }
        if ($merge || !$file->isWhole) {
            return $by->household_id ?? throw ImportRefused::because('needs_household');
        }

        return null;
    }

    /**
     * @param array<int, array<string, mixed>> $rows
     *
     * @return array<string, array<string, mixed>> rows that are here, by key
     */
    private function there(string $table, array $rows, ?string $into): array
    {
        $there = [];
        foreach (self::rowsLike($table, $rows) as $row) {
            if (array_key_exists('household_id', $row) && $row['household_id'] !== $into) {
                throw ImportRefused::because('elsewhere');
            }
            $there[self::key($table, $row)] = $row;
        }

        return $there;
    }

    /**
     * @param array<string, mixed> $row
     * @param array<string, mixed> $old
     */
    private function equals(string $table, array $row, array $old): bool
    {
        foreach (ExchangeFormat::TABLES[$table] as $column => $type) {
            if (in_array($column, self::LOOSE, true) || ExchangeFormat::isPerson($type)) {
                continue;
            }
            [$new, $here] = [$row[$column], $old[$column] ?? null];
            $isEqual = ExchangeFormat::isJson($type) && is_string($new) && is_string($here)
                ? json_decode($new, true) == json_decode($here, true)
                : (is_numeric($new) && is_numeric($here) ? (float) $new === (float) $here : $new === $here);
            if (!$isEqual) {
                return false;
            }
        }

        return true;
    }
}
