<?php

declare(strict_types=1);

namespace App\View\Pages\Vessels;

use App\Care\Gates\PourGate;
use App\Care\Readers\VesselReader;
use App\Models\Household;
use App\Models\Machine;
use App\View\Words\FreshnessWords;
use App\View\Words\MeetingWords;
use GoodRinse\Core\Chemistry\AgentMeeting;
use GoodRinse\Core\Chemistry\Residue;
use GoodRinse\Core\Handbook\Chemistry\Agent;
use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;
use GoodRinse\Core\Handbook\Chemistry\Vessel;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** What a person sees who writes down that something was poured. */
final readonly class PourPage
{
    public function __construct(
        private Handbook $handbook,
        private VesselReader $vessels,
        private PourGate $judge,
        private ClockInterface $clock,
        private MeetingWords $meetings,
        private FreshnessWords $ages,
    ) {
    }

    /**
     * @throws UnknownEntry when the machine has no such vessel
     */
    public function for(Machine $machine, Household $household, string $vessel, string $agent): PourData
    {
        $rules = $this->handbook->chemistry();
        $record = $this->vessels->record($machine, $this->judge->vessel($machine, $vessel)->id, $household);

        return new PourData(
            household: $household,
            machine: $machine,
            vessel: $rules->vessel($vessel),
            vesselName: $this->name($machine, $rules->vessel($vessel)),
            vessels: array_map(fn (Vessel $each): string => $this->name($machine, $each), $this->judge->vesselsOf($machine)),
            agents: $this->oftenFirst(
                array_filter($rules->agents, static fn (Agent $each): bool => !$each->noTrace),
                $household,
            ) + [ChemistryRules::STRANGER => $rules->agent(ChemistryRules::STRANGER)],
            verdicts: $this->judge->all($machine, $vessel, $household),
            picked: isset($rules->agents[$agent]) || ChemistryRules::STRANGER === $agent ? $agent : null,
            there: array_map(
                fn (Residue $residue): array => [$rules->agent($residue->agent)->name, $residue->since],
                $record->residues,
            ),
            today: Day::at($this->clock->now(), $household->zone()),
            ages: $this->ages->warnings($household, array_map(strval(...), array_keys($rules->agents))),
        );
    }

    /**
     * What to do when agents have met, or one was poured that never should be.
     *
     * @throws UnknownEntry when the machine has no such vessel
     */
    public function happened(Machine $machine, Household $household, string $vessel): PouredData
    {
        $rules = $this->handbook->chemistry();
        $record = $this->vessels->record($machine, $this->judge->vessel($machine, $vessel)->id, $household);
        $live = array_values(array_filter($record->meetings, static fn (AgentMeeting $meeting): bool => $meeting->still));

        return new PouredData(
            household: $household,
            machine: $machine,
            vessel: $rules->vessel($vessel),
            vesselName: $this->name($machine, $rules->vessel($vessel)),
            met: array_map($this->meetings->describe(...), $live),
            advice: [
                ...($rules->vessel($vessel)->own ? [$rules->inMachine] : []),
                ...([] === $live ? $rules->whenAlone : $rules->whenMet),
            ],
            there: array_map(fn (Residue $residue): string => $rules->agent($residue->agent)->name, $record->residues),
        );
    }

    /**
     * Agents in the order of how often the household poured each lately; what it never poured stays in the handbook's order.
     *
     * @param array<string, Agent> $agents
     *
     * @return array<string, Agent>
     */
    private function oftenFirst(array $agents, Household $household): array
    {
        $poured = $this->vessels->poured($household);
        uasort($agents, static fn (Agent $a, Agent $b): int => ($poured[$b->id] ?? 0) <=> ($poured[$a->id] ?? 0));

        return $agents;
    }

    private function name(Machine $machine, Vessel $vessel): string
    {
        return $machine->kindIn($this->handbook)->vessels[$vessel->id]->name ?? $vessel->name;
    }
}
