<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

use GoodRinse\Core\Handbook\Chemistry;
use GoodRinse\Core\Handbook\PairHazard;
use GoodRinse\Core\Logbook\Clearing;
use GoodRinse\Core\Logbook\Dose;
use GoodRinse\Core\Logbook\Entry;

/**
 * Follows what was poured and what was cleared, and so knows what each vessel of a household holds.
 *
 * Nothing leaves a vessel but by a clearing that counts for it; a rinse does not clear a tub.
 */
final class VesselLedger
{
    private const MOST_MEETINGS = 50;

    /** @var array<string, VesselRecord> */
    private array $records = [];

    public function __construct(private readonly Chemistry $rules)
    {
    }

    /** @param Entry $entry in force; to be noted in the order things happened */
    public function note(?string $machine, Entry $entry): void
    {
        match (true) {
            $entry->payload instanceof Dose => $this->pour($machine, $entry->payload, new Residue($entry->payload->agent, $entry->happenedAt, $entry->id)),
            $entry->payload instanceof Clearing => $this->clear($machine, $entry->payload),
            default => null,
        };
    }

    /** @return array<string, VesselRecord> of every vessel that anything was ever put into, by key */
    public function records(): array
    {
        return $this->records;
    }

    /** The vessel of that machine, or the shared one, as it stands. */
    public function record(?string $machine, string $vessel): VesselRecord
    {
        $vessel = $this->rules->vesselId($vessel);
        $owner = $this->owner($machine, $vessel);

        return $this->records[self::key($owner, $vessel)] ?? new VesselRecord($owner, $vessel, [], []);
    }

    public static function key(?string $owner, string $vessel): string
    {
        return "$owner:$vessel";
    }

    private function pour(?string $machine, Dose $dose, Residue $residue): void
    {
        $record = $this->record($machine, $dose->vessel);
        $agent = $this->rules->agent($residue->agent);
        $meetings = $record->meetings;
        foreach ($record->residues as $there) {
            $rule = $this->rules->pairsOf($there->agent, $residue->agent)[0] ?? null;
            if (PairHazard::Danger === $rule?->hazard) {
                $meetings[] = new Meeting($there, $residue, (string) $rule->gives, true);
            }
        }
        $known = array_filter($record->residues, static fn (Residue $there): bool => $there->agent === $residue->agent);
        $residues = $agent->noTrace || [] !== $known ? $record->residues : [...$record->residues, $residue];
        $this->records[self::key($record->machine, $record->vessel)] = new VesselRecord($record->machine, $record->vessel, $residues, array_slice($meetings, -self::MOST_MEETINGS));
    }

    private function clear(?string $machine, Clearing $clearing): void
    {
        $record = $this->record($machine, $clearing->vessel);
        $vessel = $this->rules->vessels[$record->vessel] ?? null;
        if (null === $vessel || in_array($clearing->by, $vessel->clearedBy, true)) {
            $over = array_map(static fn (Meeting $met): Meeting => new Meeting($met->first, $met->second, $met->gives, false), $record->meetings);
            $this->records[self::key($record->machine, $record->vessel)] = new VesselRecord($record->machine, $record->vessel, [], $over);
        }
    }

    private function owner(?string $machine, string $vessel): ?string
    {
        return ($this->rules->vessels[$vessel]->own ?? true) ? $machine : null;
    }
}
