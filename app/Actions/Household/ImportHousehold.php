<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Actions\Account\RecordSecurity;
use App\Exchange\ExchangeFormat;
use App\Exchange\HouseholdFile;
use App\Exchange\ImportPlanner;
use App\Exchange\ImportRefused;
use App\Exchange\PersonMark;
use App\Models\Household;
use App\Models\HouseholdSupply;
use App\Models\User;
use App\Support\Scalar;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Brings a household in from a file, or merges it into one: all of it or nothing. */
final readonly class ImportHousehold
{
    private const CHUNK = 100;

    public function __construct(private ImportPlanner $planner, private ChangeMembers $members, private RecordSecurity $record)
    {
    }

    /**
     * @param string|null $me id in the file of the person who brings it in
     * @param bool $merge into the household that is open
     *
     * @return Household what it is in now; the person has it open
     *
     * @throws ImportRefused when something in it belongs to somebody else's household here
     */
    public function handle(HouseholdFile $file, User $by, ?string $me, bool $merge): Household
    {
        $copied = [];
        try {
            return DB::transaction(function () use ($file, $by, $me, $merge, &$copied): Household {
                $into = $this->planner->plan($file, $by, $merge)->into;
                $household = null === $into ? $this->found($file) : Household::query()->findOrFail($into);
                $this->members->add($by, $household);
                $people = $this->people($file, $household, $by, $me);
                $this->rows($file, $household, $people, $copied);
                $this->record->handle('imported', $by, $file->name(), $household->id);

                return $household;
            });
        } catch (\Throwable $e) {
            array_map(static fn (string $path) => @unlink($path), $copied);
            throw $e;
        }
    }

    private function found(HouseholdFile $file): Household
    {
        $household = new Household();
        $rule = $file->household['session_rule'] ?? null;
        $household->forceFill(['session_rule' => is_string($rule) ? json_decode($rule, true) : null]
            + array_diff_key($file->household, ['measures' => true]));
        $household->setAttribute('measures', $file->household['measures']);
        $household->save();

        return $household;
    }

    /** @return array<string, int> users by their id in the file */
    private function people(HouseholdFile $file, Household $household, User $by, ?string $me): array
    {
        $known = [];
        foreach ($household->members()->get() as $user) {
            $known[PersonMark::of($user)] = $user->id;
        }
        $people = [];
        foreach ($file->people as $id => $name) {
            if ($id === $me) {
                if (null === $by->origin && !isset($known[$id]) && User::query()->where('origin', $id)->doesntExist()) {
                    $by->forceFill(['origin' => $id])->save();
                }
                $people[$id] = $by->id;
                continue;
            }
            $people[$id] = $known[$id] ?? User::query()->where('origin', $id)->first()->id ?? $this->standIn($id, $name);
        }

        return $people;
    }

    /** Somebody whose name stands in the logbook and who has no account here. */
    private function standIn(string $id, string $name): int
    {
        $user = new User();
        $user->forceFill([
            'name' => $name,
            'email' => 'from-'.strtolower((string) Str::ulid()).'@invalid',
            'password' => Str::random(40),
            'reminders' => false,
            'origin' => $id,
        ])->save();

        return $user->id;
    }

    /**
     * @param array<string, int> $people
     * @param list<string> $copied paths of files written so far
     */
    private function rows(HouseholdFile $file, Household $household, array $people, array &$copied): void
    {
        $seqs = [];
        foreach ($file->tables as $table => $rows) {
            if ('ticks' === $table) {
                $seqs = $this->seqs($rows);
            }
            foreach (array_chunk($rows, self::CHUNK) as $some) {
                $there = [];
                foreach (ImportPlanner::rowsLike($table, $some) as $old) {
                    $there[ImportPlanner::key($table, $old)] = true;
                }
                $inserts = [];
                foreach ($some as $row) {
                    if (!isset($there[ImportPlanner::key($table, $row)]) && !self::isKept($table, $row, $household)) {
                        $inserts[] = $this->insertable($table, self::typed($file, $row), $household, $people, $seqs);
                        $this->copyFile($file, $row, $household, $copied);
                    }
                }
                DB::table($table)->insert($inserts);
            }
        }
    }

    /**
     * Whether the household has its own way of keeping the same supply.
     *
     * @param array<string, mixed> $row
     */
    private static function isKept(string $table, array $row, Household $household): bool
    {
        return 'supplies' === $table
            && HouseholdSupply::query()->where('household_id', $household->id)->where('supply', $row['supply'])->exists();
    }

    /**
     * @param array<string, mixed> $row
     * @param array<string, int> $people
     * @param array<string, int> $seqs
     *
     * @return array<string, mixed>
     */
    private function insertable(string $table, array $row, Household $household, array $people, array $seqs): array
    {
        foreach (ExchangeFormat::TABLES[$table] as $column => $type) {
            if (ExchangeFormat::isPerson($type) && is_string($row[$column])) {
                $row[$column] = $people[$row[$column]];
            }
            if ('file' === $type && is_string($row[$column])) {
                $row[$column] = "$household->id/".basename($row[$column]);
            }
        }
        if ('ticks' === $table) {
            $row['logbook_seq'] = is_string($row['logbook_entry']) ? $seqs[$row['logbook_entry']] ?? null : null;
            unset($row['logbook_entry']);
        }
        if (!in_array($table, ['ticks', 'device_events'], true)) {
            $row['household_id'] = $household->id;
        }

        return $row;
    }

    /**
     * What a paper is its file says, whatever stands beside it.
     *
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private static function typed(HouseholdFile $file, array $row): array
    {
        $name = $row['file'] ?? null;
        if (is_string($name) && array_key_exists('mime', $row)) {
            $row['mime'] = (string) mime_content_type($file->files[$name]);
            $row['bytes'] = (int) filesize($file->files[$name]);
        }

        return $row;
    }

    /**
     * @param list<array<string, mixed>> $ticks
     *
     * @return array<string, int> places in the logbook of the entries that ticks name
     */
    private function seqs(array $ticks): array
    {
        $seqs = [];
        $ids = array_values(array_unique(array_filter(array_column($ticks, 'logbook_entry'), is_string(...))));
        foreach (array_chunk($ids, 400) as $some) {
            foreach (DB::table('entries')->whereIn('id', $some)->get(['id', 'seq']) as $row) {
                $seqs[Scalar::text($row->id)] = Scalar::int($row->seq);
            }
        }

        return $seqs;
    }

    /**
     * @param array<string, mixed> $row
     * @param list<string> $copied
     */
    private function copyFile(HouseholdFile $file, array $row, Household $household, array &$copied): void
    {
        $name = $row['file'] ?? null;
        if (!is_string($name)) {
            return;
        }
        $path = config()->string('good-rinse.photos')."/$household->id/".basename($name);
        is_dir(dirname($path)) || @mkdir(dirname($path), 0o700, true);
        if (!@copy($file->files[$name], $path)) {
            throw ImportRefused::because('disk');
        }
        $copied[] = $path;
    }
}
