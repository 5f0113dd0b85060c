<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Household;
use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Writes a household, or one machine of it, as household.json has it. Secrets (tokens, passwords, addresses) stay behind. */
final readonly class HouseholdWriter
{
    private const CHUNK = 500;

    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * @param resource $to stream
     * @param string|null $machine id of the only machine to take along
     */
    public function write($to, Household $household, User $by, ?string $machine = null): void
    {
        $people = $this->people($household);
        fwrite($to, '{'.self::pair('format', ExchangeFormat::NAME).','.self::pair('version', ExchangeFormat::VERSION)
            .','.self::pair('scope', null === $machine ? 'household' : 'machine')
            .','.self::pair('exported_at', self::time($this->clock->now()->format('Y-m-d H:i:s')))
            .','.self::pair('exported_by', $people[$by->id]['id'] ?? null)
            .','.self::pair('household', $this->household($household))
            .','.self::pair('people', array_values($people)));
        foreach (ExchangeFormat::TABLES as $table => $columns) {
            fwrite($to, ",\n".json_encode($table, JSON_THROW_ON_ERROR).":[\n");
            $first = true;
            foreach ($this->rows($table, $household, $machine) as $row) {
                fwrite($to, ($first ? '' : ",\n").self::json($this->row($columns, (array) $row, $people)));
                $first = false;
            }
            fwrite($to, "\n]");
        }
        fwrite($to, "\n}\n");
    }

    /** @return \Generator<\stdClass> */
    private function rows(string $table, Household $household, ?string $machine): \Generator
    {
        $of = static fn (string $parent): Builder => DB::table($parent)->select('id')->where('household_id', $household->id)
            ->when(null !== $machine, static fn (Builder $q): Builder => $q->where('machine_id', $machine));
        $query = DB::table($table);
        match ($table) {
            'ticks' => $query->whereIn('round_id', $of('rounds')),
            'device_events' => $query->whereIn('device_id', $of('devices')),
            'machines' => $query->where('household_id', $household->id)
                ->when(null !== $machine, static fn (Builder $q): Builder => $q->where('id', $machine)),
            'supplies' => $query->where('household_id', null === $machine ? $household->id : ''),
            'photos' => $query->where('household_id', $household->id)->when(
                null !== $machine,
                static fn (Builder $q): Builder => $q->where(static fn (Builder $q): Builder => $q->where('machine_id', $machine)
                    ->orWhereIn('round_id', $of('rounds'))
                    ->orWhereIn('trace_id', $of('traces'))),
            ),
            default => $query->where('household_id', $household->id)
                ->when(null !== $machine, static fn (Builder $q): Builder => $q->where('machine_id', $machine)),
        };
        $key = in_array($table, ['entries', 'ticks', 'device_events'], true) ? 'seq' : 'id';
        yield from $query->lazyById(self::CHUNK, $key);
    }

    /**
     * @param array<string, string> $columns
     * @param array<array-key, mixed> $row
     * @param array<int, array{id: string, name: string}> $people
     *
     * @return array<string, mixed>
     */
    private function row(array $columns, array $row, array $people): array
    {
        $out = [];
        foreach ($columns as $column => $type) {
            $value = $row[$column] ?? null;
            $out[$column] = match (true) {
                'logbook_entry' === $column => $this->entryAt($row['logbook_seq'] ?? null),
                null === $value => null,
                ExchangeFormat::isJson($type) => json_decode(is_string($value) ? $value : '', false, 512, JSON_THROW_ON_ERROR),
                ExchangeFormat::isTime($type) => self::time(is_string($value) ? $value : ''),
                ExchangeFormat::isPerson($type) => $people[is_numeric($value) ? (int) $value : 0]['id'] ?? null,
                'bool' === ltrim($type, '?') => (bool) $value,
                'float' === ltrim($type, '?') => is_numeric($value) ? (float) $value : null,
                'file' === $type => self::file(is_string($value) ? $value : ''),
                default => $value,
            };
        }

        return $out;
    }

    /** The entry that was the newest when a step was ticked. */
    private function entryAt(mixed $seq): ?string
    {
        $id = is_numeric($seq) ? DB::table('entries')->where('seq', (int) $seq)->value('id') : null;

        return is_string($id) ? $id : null;
    }

    /** @return array<string, mixed> */
    private function household(Household $household): array
    {
        $row = (array) DB::table('households')->where('id', $household->id)->first();

        return $this->row(ExchangeFormat::HOUSEHOLD, $row, []);
    }

    /** @return array<int, array{id: string, name: string}> everybody who belongs to it or wrote something in it, by their number here */
    private function people(Household $household): array
    {
        $ids = DB::table('memberships')->where('household_id', $household->id)->pluck('user_id')
            ->merge(DB::table('entries')->where('household_id', $household->id)->distinct()->pluck('recorded_by'))
            ->merge(DB::table('rounds')->where('household_id', $household->id)->distinct()->pluck('started_by'))
            ->merge(DB::table('ticks')->whereIn('round_id', DB::table('rounds')->select('id')->where('household_id', $household->id))
                ->distinct()->pluck('made_by'))
            ->filter()
            ->unique();
        $people = [];
        foreach (User::query()->whereIn('id', $ids)->orderBy('id')->get() as $user) {
            $people[$user->id] = ['id' => PersonMark::of($user), 'name' => $user->name];
        }

        return $people;
    }

    /** Files lie in a folder by what they are, under their own name. */
    private static function file(string $file): string
    {
        return 'files/'.basename($file);
    }

    private static function time(string $value): string
    {
        return str_replace(' ', 'T', substr($value, 0, 19)).'Z';
    }

    private static function pair(string $key, mixed $value): string
    {
        return "\n".json_encode($key, JSON_THROW_ON_ERROR).':'.self::json($value);
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }
}
