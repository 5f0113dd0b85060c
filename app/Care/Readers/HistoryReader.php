<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Care\Cache\SettledPast;
use App\Care\Cache\SettledPastCache;
use App\Care\Measures\BrewReader;
use App\Models\Entry;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\EffectiveEntries;
use GoodRinse\Core\Logbook\Entry as LogbookEntry;
use GoodRinse\Core\Logbook\HistoryBuilder;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Logbook\PackedOpenings;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\UseEntries;
use GoodRinse\Core\Quantity\LocalDays;
use GoodRinse\Core\Usage\UseTimeline;
use Illuminate\Contracts\Database\Query\Expression;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Gathers what the logbook says about a machine, from its first entry to now. */
final readonly class HistoryReader
{
    /** Entries that a machine's history follows from. */
    private const KINDS = [
        EntryKind::Opening, EntryKind::Counter, EntryKind::Meter, EntryKind::Light, EntryKind::Symptom,
        EntryKind::Confirmation, EntryKind::Snooze, EntryKind::Away, EntryKind::Reversal,
    ];

    /** A counter's reading so long before still tells what lies after it. */
    private const READING_BEFORE = '-60 days';

    /** Before anything that was ever written down. */
    private const EVER = '0001-01-01 00:00:00';

    /** Counters that are no single use; word for word as the index over them has it. */
    private const NO_TAP =
        "kind = 'counter' AND (json_extract(payload, '$.over') IS NOT NULL OR json_extract(payload, '$.unit') = 'litres')";

    public function __construct(private Handbook $handbook, private SettledPastCache $frozen, private BrewReader $brews)
    {
    }

    /**
     * @param bool $keep whether what was computed of old openings is kept: not where the machine is as it only might be
     * @param string|null $only care task that is wanted; null for all
     *
     * @return array{MachineHistory, int} the history, and the Unix time of the newest happening, later ones included
     */
    public function read(Machine $machine, \DateTimeZone $zone, \DateTimeImmutable $asOf, bool $keep = true, ?string $only = null): array
    {
        $kept = $this->frozen->of($machine, $zone, $asOf);
        [$entries, $counts] = $this->readEntries($machine, kept: $kept);
        $newest = max([] === $entries ? 0 : $entries[count($entries) - 1]->happenedAt->getTimestamp(), $counts[count($counts) - 1][0] ?? 0);
        $absences = HistoryBuilder::absences($entries, $asOf);
        $days = new LocalDays($zone);
        $use = $this->line($machine, $entries, $counts, $days, $asOf, $kept);
        $builder = new HistoryBuilder($days, $this->handbook->scales()->worst());
        $known = $machine->created_at?->toDateTimeImmutable() ?? $asOf;

        $history = $builder->build($entries, $use, $asOf, $known, $absences, $kept->openings ?? [], $only);
        $history = $history->slowed($this->brews->slow($machine));
        if ($keep && null === $only) {
            $this->frozen->keep($machine, $zone, $history, $use, $asOf, $kept);
        }

        return [$history, $newest];
    }

    /** How much a machine was used, day by day. */
    public function use(Machine $machine, \DateTimeZone $zone, \DateTimeImmutable $now): UseTimeline
    {
        [$entries, $counts] = $this->readEntries($machine);

        return $this->line($machine, $entries, $counts, new LocalDays($zone), $now);
    }

    /**
     * @param list<LogbookEntry> $entries in force
     * @param list<array{int, float}> $counts
     */
    private function line(
        Machine $machine,
        array $entries,
        array $counts,
        LocalDays $days,
        \DateTimeImmutable $asOf,
        ?SettledPast $kept = null,
    ): UseTimeline {
        $kind = $machine->kindIn($this->handbook);
        $until = max(floor($days->of($asOf)) + 0.5, self::latest($entries, $counts, $asOf, $days));
        $record = (new UseEntries($days, $kind->litresPerUse($machine->traits)))->record($entries, $asOf, $counts, $kept?->taps());

        return UseTimeline::of(
            $record,
            $until,
            $kind->declaredUsesPerDay($machine->habits),
            $kind->mostUsesPerDay,
            $this->handbook->rhythmModel(),
        );
    }

    /** Known uses of a machine from a moment on: what was counted or told, each use once, and nothing that was taken back. */
    public function usesSince(Machine $machine, \DateTimeZone $zone, \DateTimeImmutable $since, \DateTimeImmutable $now): float
    {
        $days = new LocalDays($zone);
        [$entries, $counts] = $this->readEntries($machine, $since->modify(self::READING_BEFORE));

        return $this->line($machine, $entries, $counts, $days, $now)->counted($days->of($since), $days->of($now));
    }

    /**
     * When the newest happening was, in days. Use is told up to then, or up to the middle of today, so that what follows
     * from the logbook does not change from one look to the next.
     *
     * @param list<LogbookEntry> $entries
     * @param list<array{int, float}> $counts
     */
    private static function latest(array $entries, array $counts, \DateTimeImmutable $asOf, LocalDays $days): float
    {
        $latest = -INF;
        for ($i = count($entries) - 1; $i >= 0; --$i) {
            if ($entries[$i]->happenedAt <= $asOf) {
                $latest = $days->of($entries[$i]->happenedAt);
                break;
            }
        }
        for ($i = count($counts) - 1; $i >= 0; --$i) {
            if ($counts[$i][0] <= $asOf->getTimestamp()) {
                return max($latest, $days->at($counts[$i][0]));
            }
        }

        return $latest;
    }

    /**
     * What is in force of what was said of a machine. Single uses are many and say nothing else, so they are read as
     * numbers: as entries they would take longer than everything else together.
     *
     * @param SettledPast|null $kept what need not be read again
     *
     * @return array{list<LogbookEntry>, list<array{int, float}>} entries, and time and uses of single counts, the
     *     oldest happening first
     */
    private function readEntries(Machine $machine, ?\DateTimeImmutable $from = null, ?SettledPast $kept = null): array
    {
        $since = $from?->format('Y-m-d H:i:s') ?? self::EVER;
        [$entries, $voided] = EffectiveEntries::split($this->entries($machine, $since, $kept));
        $query = DB::connection()->getPdo()->prepare(
            "select cast(strftime('%s', happened_at) as integer), json_extract(payload, '\$.uses'), id from entries "
                ."where machine_id = ? and kind = 'counter' and happened_at >= ? and json_extract(payload, '\$.over') is null "
                ."and json_extract(payload, '\$.unit') <> 'litres' order by happened_at, seq",
        );
        $query->execute([$machine->id, max($since, $kept->cut ?? self::EVER)]);
        $counts = [];
        while (is_array($row = $query->fetch(\PDO::FETCH_NUM))) {
            [$time, $uses, $id] = $row;
            if (is_string($id) && !isset($voided[$id]) && is_int($time) && is_numeric($uses)) {
                $counts[] = [$time, (float) $uses];
            }
        }

        return [$entries, $counts];
    }

    /** SQLite reads past every single count if it is not told which index leaves them out. */
    private static function noTaps(): Expression
    {
        return DB::raw('sqlite' === DB::getDriverName() ? 'entries INDEXED BY entries_no_taps' : 'entries');
    }

    /** @return \Generator<LogbookEntry> without single counts, and of openings that are settled only the last of each task */
    private function entries(Machine $machine, string $since, ?SettledPast $kept): \Generator
    {
        $of = static fn (EntryKind ...$kinds): Builder => DB::table('entries')->where('machine_id', $machine->id)
            ->where('happened_at', '>=', $since)
            ->when(
                [] !== $kinds,
                static fn (Builder $query): Builder => $query->whereIn('kind', $kinds),
            );
        yield from self::decoded(
            $of(...array_udiff(
                self::KINDS,
                [EntryKind::Opening, EntryKind::Counter],
                static fn (EntryKind $a, EntryKind $b): int => $a->value <=> $b->value,
            )),
        );
        yield from self::decoded($of()->from(self::noTaps())->whereRaw(self::NO_TAP)->whereRaw(
            "(json_extract(payload, '$.over') IS NOT NULL OR happened_at >= ?)",
            [$kept->cut ?? self::EVER],
        ));
        if (null === $kept) {
            yield from self::decoded($of(EntryKind::Opening));

            return;
        }
        yield from self::decoded($of(EntryKind::Opening)->where('happened_at', '>=', $kept->cut));
        $last = array_map(static fn (PackedOpenings $openings): string => $openings->last, array_values($kept->openings));
        yield from self::decoded(DB::table('entries')->whereIn('id', $last));
        if ($kept->hasMore) {
            yield from self::decoded($of(EntryKind::Opening)->where('happened_at', '<', $kept->cut)->whereNotIn(
                DB::raw("json_extract(payload, '$.task')"),
                array_keys($kept->openings),
            ));
        }
    }

    /** @return \Generator<LogbookEntry> */
    private static function decoded(Builder $rows): \Generator
    {
        $utc = new \DateTimeZone('UTC');
        foreach ($rows->select(['seq', 'id', 'kind', 'happened_at', 'payload', 'voids'])->cursor() as $row) {
            /** @var object{seq: int, id: string, kind: string, happened_at: string, payload: string, voids: string|null} $row */
            $payload = EntryKind::from($row->kind)->decode((array) json_decode($row->payload, true));
            yield new LogbookEntry($row->id, $row->seq, new \DateTimeImmutable($row->happened_at, $utc), $payload, $row->voids);
        }
    }
}
