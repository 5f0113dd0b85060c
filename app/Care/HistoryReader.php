<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Entry;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Entry as LogbookEntry;
use GoodRinse\Core\Logbook\EntryKind;
use GoodRinse\Core\Logbook\HistoryBuilder;
use GoodRinse\Core\Logbook\InForce;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Logbook\PayloadCodec;
use GoodRinse\Core\Logbook\UseEntries;
use GoodRinse\Core\Quantity\LocalDays;
use GoodRinse\Core\Usage\UseLine;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Gathers what the logbook says about a machine, from its first entry to now. */
final readonly class HistoryReader
{
    /** Entries that a machine's history follows from. */
    private const KINDS = [
        EntryKind::Opening, EntryKind::Counter, EntryKind::Meter, EntryKind::Light, EntryKind::Symptom,
        EntryKind::Confirmation, EntryKind::Snooze, EntryKind::Away, EntryKind::Voiding,
    ];

    /** A counter's reading so long before still tells what lies after it. */
    private const READING_BEFORE = '-60 days';

    public function __construct(private Handbook $handbook)
    {
    }

    /** @return array{MachineHistory, int} the history, and the Unix time of the newest happening, later ones included */
    public function read(Machine $machine, \DateTimeZone $zone, \DateTimeImmutable $asOf): array
    {
        $entries = InForce::among($this->entries($machine));
        $newest = [] === $entries ? 0 : $entries[count($entries) - 1]->happenedAt->getTimestamp();
        $absences = HistoryBuilder::absences($entries, $asOf);
        $days = new LocalDays($zone);
        $use = $this->line($machine, $entries, $days, $asOf);
        $builder = new HistoryBuilder($days, $this->handbook->worst());
        $known = $machine->created_at?->toDateTimeImmutable() ?? $asOf;

        return [$builder->build($entries, $use, $asOf, $known, $absences), $newest];
    }

    /** How much a machine was used, day by day. */
    public function use(Machine $machine, \DateTimeZone $zone, \DateTimeImmutable $now): UseLine
    {
        return $this->line($machine, InForce::among($this->entries($machine)), new LocalDays($zone), $now);
    }

    /** @param list<LogbookEntry> $entries in force */
    private function line(Machine $machine, array $entries, LocalDays $days, \DateTimeImmutable $asOf): UseLine
    {
        $kind = $this->handbook->kind($machine->kind);
        $until = max(floor($days->of($asOf)) + 0.5, self::latest($entries, $asOf, $days));

        return UseLine::of((new UseEntries($days, $kind->litresPerUse($machine->traits)))->record($entries, $asOf), $until, $kind->declaredUsesPerDay($machine->habits), $kind->mostUsesPerDay, $this->handbook->rhythmModel());
    }

    /** Known uses of a machine from a moment on: what was counted or told, each use once, and nothing that was taken back. */
    public function usesSince(Machine $machine, \DateTimeZone $zone, \DateTimeImmutable $since, \DateTimeImmutable $now): float
    {
        $kind = $this->handbook->kind($machine->kind);
        $days = new LocalDays($zone);
        $record = (new UseEntries($days, $kind->litresPerUse($machine->traits)))->record(InForce::among($this->entries($machine, $since->modify(self::READING_BEFORE))), $now);

        return UseLine::of($record, $days->of($now), 0.0, $kind->mostUsesPerDay, $this->handbook->rhythmModel())->counted($days->of($since), $days->of($now));
    }

    /**
     * When the newest happening was, in days. Use is told up to then, or up to the middle of today, so that what follows
     * from the logbook does not change from one look to the next.
     *
     * @param list<LogbookEntry> $entries
     */
    private static function latest(array $entries, \DateTimeImmutable $asOf, LocalDays $days): float
    {
        for ($i = count($entries) - 1; $i >= 0; --$i) {
            if ($entries[$i]->happenedAt <= $asOf) {
                return $days->of($entries[$i]->happenedAt);
            }
        }

        return -INF;
    }

    /** @return \Generator<LogbookEntry> */
    private function entries(Machine $machine, ?\DateTimeImmutable $from = null): \Generator
    {
        $utc = new \DateTimeZone('UTC');
        $rows = DB::table('entries')->where('machine_id', $machine->id)->whereIn('kind', self::KINDS)
            ->when(null !== $from, static fn (Builder $query): Builder => $query->where('happened_at', '>=', $from?->format('Y-m-d H:i:s')))
            ->select(['seq', 'id', 'kind', 'happened_at', 'payload', 'voids'])->cursor();
        foreach ($rows as $row) {
            /** @var object{seq: int, id: string, kind: string, happened_at: string, payload: string, voids: string|null} $row */
            $payload = PayloadCodec::decode(EntryKind::from($row->kind), (array) json_decode($row->payload, true));
            yield new LogbookEntry($row->id, $row->seq, new \DateTimeImmutable($row->happened_at, $utc), $payload, $row->voids);
        }
    }
}
