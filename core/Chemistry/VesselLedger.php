<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;
use GoodRinse\Core\Handbook\Chemistry\PairHazard;
use GoodRinse\Core\Logbook\Entry;
use GoodRinse\Core\Logbook\Payload\Clearing;
use GoodRinse\Core\Logbook\Payload\Dose;
use GoodRinse\Core\Logbook\Payload\MeterTotal;
use GoodRinse\Core\Logbook\Payload\UseCount;

/**
 * Follows what was poured and what was cleared, and so knows what each vessel of a household holds.
 *
 * Nothing leaves a vessel but by a clearing that counts for it, or a complete use where its rule says so; a rinse does not
 * clear a tub.
 */
final class VesselLedger
{
    private const MOST_MEETINGS = 50;

    /** @var array<string, VesselRecord> */
    private array $records = [];

    /** @var array<string, array{float, \DateTimeImmutable}> last total of each counter and when it was read */
    private array $meters = [];

    public function __construct(private readonly ChemistryRules $rules)
    {
    }

    /** @param Entry $entry in force; to be noted in the order things happened */
    public function note(?string $machine, Entry $entry): void
    {
        match (true) {
            $entry->payload instanceof Dose => $this->pour(
                $machine,
                $entry->payload,
                new Residue($entry->payload->agent, $entry->happenedAt, $entry->id),
            ),
            $entry->payload instanceof Clearing => $this->clear($machine, $entry->payload),
            $entry->payload instanceof UseCount => $this->used(
                $machine,
                $entry->payload->unit,
                $entry->payload->uses,
                $entry->happenedAt->modify(sprintf('-%d days', $entry->payload->over ?? 0)),
            ),
            $entry->payload instanceof MeterTotal => $this->counted($machine, $entry->payload, $entry->happenedAt),
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
                $meetings[] = new AgentMeeting($there, $residue, (string) $rule->gives, true);
            }
        }
        $known = array_filter($record->residues, static fn (Residue $there): bool => $there->agent === $residue->agent);
        $residues = !$agent->staysIn($record->vessel) || [] !== $known ? $record->residues : [...$record->residues, $residue];
        $this->records[self::key($record->machine, $record->vessel)] = new VesselRecord(
            $record->machine,
            $record->vessel,
            $residues,
            array_slice($meetings, -self::MOST_MEETINGS),
        );
    }

    private function clear(?string $machine, Clearing $clearing): void
    {
        $record = $this->record($machine, $clearing->vessel);
        $vessel = $this->rules->vessels[$record->vessel] ?? null;
        if (null === $vessel || in_array($clearing->by, $vessel->clearedBy, true)) {
            $this->keep($record, []);
        } elseif (in_array($clearing->by, $vessel->drainedBy, true)) {
            $this->records[self::key($record->machine, $record->vessel)] = new VesselRecord(
                $record->machine,
                $record->vessel,
                array_map(static fn (Residue $there): Residue => $there->drained(), $record->residues),
                $record->meetings,
            );
        }
    }

    /** A complete use of a machine clears those of its vessels that say so, of what was in them before it began. */
    private function used(?string $machine, string $unit, float $uses, \DateTimeImmutable $since): void
    {
        foreach ($uses >= 1 ? $this->rules->vessels : [] as $vessel) {
            $record = $vessel->use === $unit ? $this->records[self::key($machine, $vessel->id)] ?? null : null;
            if (null !== $record) {
                $this->keep($record, array_values(
                    array_filter($record->residues, static fn (Residue $there): bool => null === $there->since || $there->since > $since),
                ));
            }
        }
    }

    /** What a counter went up by since its last reading was used between the two. */
    private function counted(?string $machine, MeterTotal $meter, \DateTimeImmutable $at): void
    {
        $key = "$machine $meter->meter $meter->series";
        [$total, $since] = $this->meters[$key] ?? [null, $at];
        if (null !== $total) {
            $this->used($machine, $meter->unit, $meter->total - $total, $since);
        }
        $this->meters[$key] = [$meter->total, $at];
    }

    /** @param list<Residue> $residues that are left in it */
    private function keep(VesselRecord $record, array $residues): void
    {
        $gone = count($residues) < count($record->residues) || [] === $residues;
        $left = array_map(static fn (Residue $residue): ?string => $residue->entry, $residues);
        $meetings = !$gone
            ? $record->meetings
            : array_map(
                static fn (AgentMeeting $met): AgentMeeting => new AgentMeeting(
                    $met->first,
                    $met->second,
                    $met->gives,
                    $met->still && [] !== $left && in_array($met->first->entry, $left, true) && in_array($met->second->entry, $left, true),
                ),
                $record->meetings,
            );
        $this->records[self::key($record->machine, $record->vessel)] = new VesselRecord(
            $record->machine,
            $record->vessel,
            $residues,
            $meetings,
        );
    }

    private function owner(?string $machine, string $vessel): ?string
    {
        return ($this->rules->vessels[$vessel]->own ?? true) ? $machine : null;
    }
}
