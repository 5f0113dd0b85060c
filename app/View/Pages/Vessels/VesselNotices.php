<?php

declare(strict_types=1);

namespace App\View\Pages\Vessels;

use App\Care\MachineCare;
use App\Care\Readers\VesselReader;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Chemistry\Residue;
use GoodRinse\Core\Chemistry\VesselLedger;
use GoodRinse\Core\Chemistry\VesselRecord;
use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;
use GoodRinse\Core\Handbook\Handbook;

/** Which vessels hold something that must be kept apart from something else, for the pages to say. */
final readonly class VesselNotices
{
    private ChemistryRules $rules;

    public function __construct(private VesselReader $vessels, private Handbook $handbook)
    {
        $this->rules = $handbook->chemistry();
    }

    /**
     * @param list<MachineCare> $machines of the household
     * @param Machine|null $only the machine whose own and shared vessels are wanted; null for all
     *
     * @return list<VesselNotice> the dangerous first
     */
    public function for(Household $household, array $machines, ?Machine $only = null): array
    {
        $byId = [];
        foreach ($machines as $care) {
            $byId[$care->machine->id] = $care->machine;
        }
        $any = $only ?? ($machines[0] ?? null)?->machine;
        $notices = [];
        foreach ($this->vessels->household($household) as $record) {
            $machine = null === $record->machine ? $any : $byId[$record->machine] ?? null;
            if (null === $machine || (null !== $only && null !== $record->machine && $record->machine !== $only->id)) {
                continue;
            }
            $notice = $this->notice($record, $machine);
            if (null !== $notice) {
                $notices[] = $notice;
            }
        }
        usort($notices, static fn (VesselNotice $a, VesselNotice $b): int => [] === $b->met ? -1 : 1);

        return $notices;
    }

    /**
     * The vessels something can be poured into: each machine's own, and once those that all share; what was poured into most of late
     * comes first.
     *
     * @param list<MachineCare> $machines
     *
     * @return list<PourPlace>
     */
    public function pourInto(array $machines, Household $household): array
    {
        $poured = $this->vessels->pouredInto($household);
        $places = [];
        $often = [];
        foreach ($machines as $i => $care) {
            foreach ($this->rules->vessels as $vessel) {
                $own = $care->kind->vessels[$vessel->id] ?? null;
                if (null !== $own || (0 === $i && !$vessel->own)) {
                    $name = $own->name ?? $vessel->name;
                    $places[] = new PourPlace(
                        $care->machine->id,
                        $vessel->id,
                        null !== $own && count($machines) > 1 ? "{$care->machine->name}, $name" : $name,
                    );
                    $often[] = $poured[VesselLedger::key($vessel->own ? $care->machine->id : null, $vessel->id)] ?? 0;
                }
            }
        }
        arsort($often); // stable: what was poured into as often stays in order

        return array_map(static fn (int $at): PourPlace => $places[$at], array_keys($often));
    }

    private function notice(VesselRecord $record, Machine $machine): ?VesselNotice
    {
        $reactive = array_values(array_filter($record->residues, fn (Residue $residue): bool => $this->rules->isReactive($residue->agent)));
        if ([] === $reactive || !isset($this->rules->vessels[$record->vessel])) {
            return null;
        }
        $vessel = $this->rules->vessels[$record->vessel];
        $own = $machine->kindIn($this->handbook)->vessels[$record->vessel] ?? null;

        return new VesselNotice(
            $machine,
            $vessel,
            null === $record->machine ? $vessel->name : sprintf('%s of %s', $own->name ?? $vessel->name, $machine->name),
            array_map(fn (Residue $residue): string => $this->rules->agent($residue->agent)->name, $reactive),
            $reactive[0]->since,
            $this->enemies($reactive),
            array_values(array_filter($record->meetings, static fn ($meeting): bool => $meeting->still)),
        );
    }

    /**
     * @param non-empty-list<Residue> $residues
     *
     * @return list<string> names of the families that must stay out
     */
    private function enemies(array $residues): array
    {
        $enemies = [];
        foreach ($residues as $residue) {
            array_push($enemies, ...$this->rules->enemiesOf($residue->agent));
        }

        return array_map($this->rules->familyName(...), array_values(array_unique($enemies)));
    }
}
