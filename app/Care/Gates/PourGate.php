<?php

declare(strict_types=1);

namespace App\Care\Gates;

use App\Care\Readers\VesselReader;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Chemistry\Assessment;
use GoodRinse\Core\Chemistry\Interlock;
use GoodRinse\Core\Chemistry\VesselRecord;
use GoodRinse\Core\Chemistry\VesselState;
use GoodRinse\Core\Handbook\Chemistry\Agent;
use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;
use GoodRinse\Core\Handbook\Chemistry\Vessel;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\UnknownEntry;

/** Asks the interlock about pouring by hand, outside a round. */
final readonly class PourGate
{
    public function __construct(private Handbook $handbook, private VesselReader $vessels)
    {
    }

    /**
     * What is said of the agent, with what the vessel held at that moment.
     *
     * @throws UnknownEntry when the machine has no such vessel
     */
    public function assess(Machine $machine, string $vessel, string $agent, Household $household, \DateTimeImmutable $at): Assessment
    {
        $this->vessel($machine, $vessel);

        return $this->on($machine, $this->vessels->asOf($household, $at)->record($machine->id, $vessel), $agent, $household);
    }

    /**
     * What is said of every agent as the vessel stands now, and of one that is not in the handbook.
     *
     * @return array<string, Assessment> by agent
     */
    public function all(Machine $machine, string $vessel, Household $household): array
    {
        $record = $this->vessels->record($machine, $this->vessel($machine, $vessel)->id, $household);

        $rules = $this->handbook->chemistry();
        $agents = $rules->agents + [ChemistryRules::STRANGER => $rules->agent(ChemistryRules::STRANGER)];

        return array_map(fn (Agent $agent): Assessment => $this->on($machine, $record, $agent->id, $household), $agents);
    }

    /**
     * The vessels a person can pour into at this machine: its own, and those the household shares.
     *
     * @return array<string, Vessel>
     */
    public function vesselsOf(Machine $machine): array
    {
        $own = $machine->kindIn($this->handbook)->vessels;

        return array_filter(
            $this->handbook->chemistry()->vessels,
            static fn (Vessel $vessel): bool => !$vessel->own || isset($own[$vessel->id]),
        );
    }

    /** @throws UnknownEntry when the machine has no such vessel */
    public function vessel(Machine $machine, string $id): Vessel
    {
        return $this->vesselsOf($machine)[$id] ?? throw UnknownEntry::named('vessel at this machine', $id);
    }

    private function on(Machine $machine, VesselRecord $record, string $agent, Household $household): Assessment
    {
        $own = $machine->kindIn($this->handbook)->vessels[$record->vessel] ?? null;

        return (new Interlock($this->handbook->chemistry()))->assess(
            new VesselState($record->vessel, $own?->walls($machine->traits) ?? [], $record->residues),
            $agent,
            $household->harsh_chemicals,
        );
    }
}
