<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\EntryKind;

/** Reads household.json out of a file that somebody sends, trusting nothing in it. */
final readonly class HouseholdReader
{
    public function __construct(private Handbook $handbook)
    {
    }

    /**
     * @param string $json household.json
     * @param array<string, string> $files path of each unpacked, by its name in the file
     *
     * @throws ImportRefused naming the place that is wrong
     */
    public function read(string $json, array $files): HouseholdFile
    {
        if (strlen($json) > ExchangeFormat::MOST_BYTES) {
            throw ImportRefused::because('too_big');
        }
        $root = json_decode($json, false, 80);
        if (!$root instanceof \stdClass) {
            throw ImportRefused::because('no_json');
        }
        if (ExchangeFormat::NAME !== ($root->format ?? null)) {
            throw ImportRefused::because('other_format');
        }
        if (!is_int($root->version ?? null) || $root->version < 1 || $root->version > ExchangeFormat::VERSION) {
            throw ImportRefused::because('other_version', ['version' => ExchangeFormat::VERSION]);
        }
        $people = $this->people($root);
        $ids = ['people' => array_fill_keys(array_keys($people), true)];
        $before = $root->version < ExchangeFormat::VERSION ? ExchangeFormat::BEFORE : [];
        $household = $this->row(ExchangeFormat::HOUSEHOLD, $root->household ?? null, 'household', $ids, $before);
        $tables = [];
        $count = 0;
        foreach (ExchangeFormat::TABLES as $table => $columns) {
            $rows = $root->{$table} ?? ($root->version < (ExchangeFormat::SINCE[$table] ?? 1) ? [] : null);
            if (!is_array($rows)) {
                throw ImportRefused::at($table, 'list');
            }
            if (($count += count($rows)) > ExchangeFormat::MOST_ROWS) {
                throw ImportRefused::because('too_many', ['most' => ExchangeFormat::MOST_ROWS]);
            }
            $tables[$table] = [];
            foreach (array_values($rows) as $i => $given) {
                $row = $this->row($columns, $given, "{$table}[$i]", $ids);
                $id = $row['id'] ?? null;
                if (is_string($id)) {
                    if (isset($ids[$table][$id])) {
                        throw ImportRefused::at("{$table}[$i].id", 'twice');
                    }
                    $ids[$table][$id] = true;
                }
                $this->meaning($table, $row, "{$table}[$i]", $files);
                $tables[$table][] = $row;
            }
        }
        $by = $root->exported_by ?? null;

        return new HouseholdFile(
            'household' === ($root->scope ?? null),
            $household,
            $people,
            is_string($by) && isset($people[$by]) ? $by : null,
            $tables,
            $files,
        );
    }

    /** @return array<string, string> */
    private function people(\stdClass $root): array
    {
        $people = [];
        foreach (is_array($root->people ?? null) ? $root->people : throw ImportRefused::at('people', 'list') as $i => $person) {
            $id = $person instanceof \stdClass ? $person->id ?? null : null;
            if (!is_string($id) || 1 !== preg_match('/^[0-9a-f]{26}$/D', $id) || isset($people[$id])) {
                throw ImportRefused::at("people[$i].id", 'id');
            }
            $name = ColumnCheck::value('text', $person->name ?? null, "people[$i].name", []);
            $people[$id] = mb_substr(is_string($name) ? $name : '', 0, 80);
        }

        return $people;
    }

    /**
     * @param array<string, string> $columns
     * @param array<string, array<string, true>> $ids
     * @param array<string, mixed> $before what it means where a column is not there
     *
     * @return array<string, mixed>
     */
    private function row(array $columns, mixed $given, string $place, array $ids, array $before = []): array
    {
        if (!$given instanceof \stdClass) {
            throw ImportRefused::at($place, 'row');
        }
        $given = get_object_vars($given);
        foreach (array_diff_key($given, $columns) as $column => $value) {
            throw ImportRefused::at("$place.$column", 'unknown');
        }
        $row = [];
        foreach ($columns as $column => $type) {
            $row[$column] = ColumnCheck::value($type, $given[$column] ?? $before[$column] ?? null, "$place.$column", $ids);
        }

        return $row;
    }

    /**
     * What a row says has to make sense here: a kind of machine that the handbook knows, an entry that can be read.
     *
     * @param array<string, mixed> $row
     * @param array<string, string> $files path of each unpacked, by its name in the file
     */
    private function meaning(string $table, array $row, string $place, array $files): void
    {
        try {
            match ($table) {
                'machines' => $this->machine($row),
                'entries' => $this->entry($row, $place),
                'photos', 'documents' => isset($files[self::text($row, 'file')]) ?: throw ImportRefused::at("$place.file", 'no_file'),
                default => null,
            };
        } catch (ImportRefused $e) {
            throw $e;
        } catch (\Throwable) {
            throw ImportRefused::at($place, 'meaning');
        }
    }

    /** @param array<string, mixed> $row */
    private function machine(array $row): void
    {
        $machine = new Machine();
        $machine->setRawAttributes($row);
        foreach (['traits', 'habits', 'schools'] as $map) {
            foreach ((array) json_decode(self::text($row, $map), true) as $value) {
                is_scalar($value) || throw new \UnexpectedValueException($map);
            }
        }
        $machine->ownWays();
        $machine->ownParts();
        $machine->kindIn($this->handbook);
    }

    /** @param array<string, mixed> $row */
    private function entry(array $row, string $place): void
    {
        $kind = EntryKind::tryFrom(self::text($row, 'kind')) ?? throw ImportRefused::at("$place.kind", 'word');
        $payload = json_decode(self::text($row, 'payload'), true);
        $kind->decode(is_array($payload) ? $payload : []);
        new \DateTimeZone(self::text($row, 'zone'));
    }

    /** @param array<string, mixed> $row */
    private static function text(array $row, string $column): string
    {
        return is_string($row[$column] ?? null) ? $row[$column] : '';
    }
}
