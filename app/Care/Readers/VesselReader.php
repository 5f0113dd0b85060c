<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Models\Household;
use App\Models\Machine;
use App\Support\Scalar;
use GoodRinse\Core\Chemistry\Residue;
use GoodRinse\Core\Chemistry\VesselLedger;
use GoodRinse\Core\Chemistry\VesselRecord;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\EffectiveEntries;
use GoodRinse\Core\Logbook\Entry as LogbookEntry;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/**
 * Reads what the vessels of a household hold. It is kept until another dose, clearing or undo is written;
 * losing what is kept costs time and nothing else.
 */
final readonly class VesselReader
{
    /** Goes up when what is kept changes its shape. */
    private const SHAPE = 3;

    /** Days for which uses are looked at: what went in before is history. */
    private const USE_DAYS = 400;

    /** Pours that tell what is poured most, and where. */
    private const LATELY = 300;

    public function __construct(private Handbook $handbook, private ClockInterface $clock, private Repository $cache)
    {
    }

    /** @return array<string, VesselRecord> of every vessel that anything was ever put into, by VesselLedger::key() */
    public function household(Household $household): array
    {
        $key = sprintf('vessels.%d.%s', self::SHAPE, $household->id);
        $now = $this->clock->now();
        // summed, so that SQLite takes the index that holds all it asks for
        $lastUse = Scalar::int($this->uses($household, $now)->max(DB::raw('seq + 0')));
        $signs = $this->handbook->version().'|'.Scalar::text($this->entries($household)->orderByDesc('seq')->value('id'));
        /** @var array{signs: string, lastUse: int, newest: int, records: array<string, VesselRecord>}|null $kept */
        $kept = $this->cache->get($key);
        if (null !== $kept && $signs === $kept['signs'] && $kept['newest'] <= $now->getTimestamp()) {
            if (
                $lastUse !== $kept['lastUse']
                && $this->changeNothing($household, $now, $kept['lastUse'], $kept['newest'], $kept['records'])
            ) {
                $kept = ['signs' => $signs, 'lastUse' => $lastUse, 'newest' => $kept['newest'], 'records' => $kept['records']];
                $this->cache->forever($key, $kept);
            }
            if ($lastUse === $kept['lastUse']) {
                return $kept['records'];
            }
        }
        [$records, $newest] = $this->gather($household, $now);
        $this->cache->forever($key, ['signs' => $signs, 'lastUse' => $lastUse, 'newest' => $newest, 'records' => $records]);

        return $records;
    }

    /**
     * Whether uses written since can change nothing: they come after everything else, and there is nothing that they clear.
     *
     * @param int $lastUse sequence number of the last one that was looked at
     * @param int $newest Unix time of the newest happening that was looked at
     * @param array<string, VesselRecord> $records
     */
    private function changeNothing(Household $household, \DateTimeImmutable $now, int $lastUse, int $newest, array $records): bool
    {
        $holding = [];
        foreach ($records as $record) {
            if ([] !== $record->residues && null !== $this->handbook->chemistry()->vessel($record->vessel)->use) {
                $holding[] = $record->machine;
            }
        }

        return $this->uses($household, $now)->where('seq', '>', $lastUse)->get(['machine_id', 'happened_at'])->every(
            static fn (object $use): bool => !in_array($use->machine_id, $holding, true)
                && strtotime(Scalar::text($use->happened_at).' UTC') >= $newest,
        );
    }

    /** The vessel of that machine, or the shared one, as it stands. */
    public function record(Machine $machine, string $vessel, Household $household): VesselRecord
    {
        $own = $this->handbook->chemistry()->vessel($vessel)->own;
        $owner = $own ? $machine->id : null;

        return $this->household($household)[VesselLedger::key($owner, $vessel)] ?? new VesselRecord($owner, $vessel, [], []);
    }

    /** @return array<int|string, int> how often something was poured of late, by key of the vessel */
    public function pouredInto(Household $household): array
    {
        return $this->doses($household)->countBy(function (object $dose): string {
            $vessel = Scalar::text($dose->vessel);
            $own = $this->handbook->chemistry()->vessels[$vessel]->own ?? false;

            return VesselLedger::key($own ? Scalar::text($dose->machine_id) : null, $vessel);
        })->all();
    }

    /** @return array<int|string, int> how often each agent was poured of late, by its id */
    public function poured(Household $household): array
    {
        return $this->doses($household)->countBy(static fn (object $dose): string => Scalar::text($dose->agent))->all();
    }

    /**
     * @return Collection<int, object{machine_id: mixed, agent: mixed, vessel: mixed}&\stdClass> those written last: the index of what
     *     vessels hold leads there, however much was counted since
     */
    private function doses(Household $household): Collection
    {
        /** @var Collection<int, object{machine_id: mixed, agent: mixed, vessel: mixed}&\stdClass> $doses */
        $doses = $this->entries($household)->where('kind', EntryKind::Dose->value)->orderByDesc('seq')->limit(self::LATELY)
            ->get(['machine_id', 'payload->agent as agent', 'payload->vessel as vessel']);

        return $doses;
    }

    /** @return array<string, list<Residue>> what the machine's own vessels and the shared ones hold, by vessel */
    public function residues(Machine $machine, Household $household): array
    {
        $residues = [];
        foreach ($this->household($household) as $record) {
            if (null === $record->machine || $record->machine === $machine->id) {
                $residues[$record->vessel] = $record->residues;
            }
        }

        return $residues;
    }

    /** What the vessels held at a moment in the past, as the logbook has it now. */
    public function asOf(Household $household, \DateTimeImmutable $moment): VesselLedger
    {
        $ledger = new VesselLedger($this->handbook->chemistry());
        foreach ($this->inOrder($household, $moment) as [$machine, $entry]) {
            if ($entry->happenedAt <= $moment) {
                $ledger->note($machine, $entry);
            }
        }

        return $ledger;
    }

    /** @return array{array<string, VesselRecord>, int} the records, and the Unix time of the newest happening, later ones included */
    private function gather(Household $household, \DateTimeImmutable $now): array
    {
        $ledger = new VesselLedger($this->handbook->chemistry());
        $newest = 0;
        foreach ($this->inOrder($household, $now) as [$machine, $entry]) {
            $newest = max($newest, $entry->happenedAt->getTimestamp());
            if ($entry->happenedAt <= $now) {
                $ledger->note($machine, $entry);
            }
        }

        return [$ledger->records(), $newest];
    }

    /** @return list<array{string|null, LogbookEntry}> entries in force with their machine, oldest happening first */
    private function inOrder(Household $household, \DateTimeImmutable $now): array
    {
        $machines = $entries = [];
        $utc = new \DateTimeZone('UTC');
        $columns = ['seq', 'id', 'machine_id', 'kind', 'happened_at', 'payload', 'voids'];
        foreach ([...$this->entries($household)->get($columns), ...$this->uses($household, $now)->get($columns)] as $row) {
            /**
             * @var object{seq: int, id: string, machine_id: string|null, kind: string, happened_at: string, payload: string,
             *     voids: string|null} $row
             */
            $payload = EntryKind::from($row->kind)->decode((array) json_decode($row->payload, true));
            $entries[] = new LogbookEntry($row->id, $row->seq, new \DateTimeImmutable($row->happened_at, $utc), $payload, $row->voids);
            $machines[$row->id] = $row->machine_id;
        }

        return array_map(static fn (LogbookEntry $entry): array => [$machines[$entry->id], $entry], EffectiveEntries::among($entries));
    }

    /** Uses of the machines that clear one of their vessels. */
    private function uses(Household $household, \DateTimeImmutable $now): Builder
    {
        $kinds = array_keys(
            array_filter(
                $this->handbook->kindNames(),
                fn (string $name, string $id): bool => [] !== array_filter(
                    array_keys($this->handbook->kind($id)->vessels),
                    fn (string $vessel): bool => null !== $this->handbook->chemistry()->vessel($vessel)->use,
                ),
                ARRAY_FILTER_USE_BOTH,
            ),
        );

        return DB::table('entries')->whereIn(
            'machine_id',
            DB::table('machines')->select('id')->where('household_id', $household->id)->whereNull('retired_on')
                ->whereIn('kind', $kinds),
        )
            ->whereIn('kind', [EntryKind::Counter->value, EntryKind::Meter->value])
            ->where('happened_at', '>', $now->modify(sprintf('-%d days', self::USE_DAYS))->format('Y-m-d H:i:s'));
    }

    private function entries(Household $household): Builder
    {
        return DB::table('entries')->where('household_id', $household->id)->whereRaw("kind IN ('dose', 'clearing', 'voiding')");
    }
}
