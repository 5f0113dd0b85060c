<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Entry;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Counter;
use GoodRinse\Core\Logbook\Entry as LogbookEntry;
use GoodRinse\Core\Logbook\EntryKind;
use GoodRinse\Core\Logbook\HistoryBuilder;
use GoodRinse\Core\Logbook\InForce;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Logbook\PayloadCodec;
use GoodRinse\Core\Logbook\UseTally;
use Illuminate\Support\Facades\DB;

/** Gathers what the logbook says about a machine, from its first entry to now. */
final readonly class HistoryReader
{
    public function __construct(private Handbook $handbook)
    {
    }

    /** @return array{MachineHistory, int} the history, and the Unix time of the newest happening, later ones included */
    public function read(Machine $machine, \DateTimeZone $zone, \DateTimeImmutable $asOf): array
    {
        $entries = InForce::among($this->entries($machine));
        $newest = [] === $entries ? 0 : $entries[count($entries) - 1]->happenedAt->getTimestamp();
        $counts = [];
        foreach ($entries as $entry) {
            if ($entry->payload instanceof Counter && $entry->happenedAt <= $asOf) {
                $counts[] = [$entry->happenedAt->getTimestamp(), $entry->payload->uses];
            }
        }
        $tally = new UseTally($counts, $zone, $this->handbook->kind($machine->kind)->declaredUsesPerDay($machine->habits));
        $builder = new HistoryBuilder($zone, $this->handbook->rhythmModel()->usageWindowDays);

        $known = $machine->created_at?->toDateTimeImmutable() ?? $asOf;

        return [$builder->build($entries, $tally, $asOf, $known), $newest];
    }

    /** @return \Generator<LogbookEntry> */
    private function entries(Machine $machine): \Generator
    {
        $utc = new \DateTimeZone('UTC');
        $kinds = [EntryKind::Opening->value, EntryKind::Counter->value, EntryKind::Voiding->value];
        $rows = DB::table('entries')->where('machine_id', $machine->id)->whereIn('kind', $kinds)
            ->select(['seq', 'id', 'kind', 'happened_at', 'payload', 'voids'])->cursor();
        foreach ($rows as $row) {
            /** @var object{seq: int, id: string, kind: string, happened_at: string, payload: string, voids: string|null} $row */
            $payload = PayloadCodec::decode(EntryKind::from($row->kind), (array) json_decode($row->payload, true));
            yield new LogbookEntry($row->id, $row->seq, new \DateTimeImmutable($row->happened_at, $utc), $payload, $row->voids);
        }
    }
}
