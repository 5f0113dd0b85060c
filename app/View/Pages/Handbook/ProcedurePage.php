<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\Care\CoreInputs;
use App\Care\Measures\LimeReader;
use App\Care\Readers\CareReader;
use App\Care\Readers\VesselReader;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Care\Question;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Own\OwnTasks;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\ComposedProcedure;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Round\Estimate;
use GoodRinse\Core\Round\Expectation;
use GoodRinse\Core\Round\Kit\KitList;

/** What a procedure's page shows: the steps as this machine and this household have them, and why. */
final readonly class ProcedurePage
{
    public function __construct(
        private Handbook $handbook,
        private CoreInputs $inputs,
        private VesselReader $vessels,
        private LimeReader $lime,
        private CareReader $care,
    ) {
    }

    /**
     * @param string $machineId of the household's; the first of the kind when empty or another's
     *
     * @throws UnknownEntry when there is no such procedure
     */
    public function for(Household $household, string $kindId, string $procedureId, string $machineId): ProcedureData
    {
        $known = fn (Machine $machine): bool => isset($machine->kindIn($this->handbook)->procedureNames[$procedureId]);
        $machines = $household->activeMachines()->where('kind', $kindId)->orderBy('name')->get()->filter($known);
        $machine = $machines->firstWhere('id', $machineId) ?? $machines->first();
        $kind = $machine?->kindIn($this->handbook) ?? $this->handbook->kind($kindId);
        $whole = $kind->procedures->procedure($procedureId);
        $composed = (new Composer($this->handbook))->compose(
            $kind,
            ProcedureSet::of($procedureId),
            $this->circumstances($machine, $household, $kind, $procedureId),
        );
        $handbook = null === $composed->procedure
            ? null
            : $this->asDone($composed, $kind, $procedureId, $machine?->ownTasks() ?? new OwnTasks());
        $procedure = $handbook?->kind($kindId)->procedures->only();
        $shown = $procedure ?? $whole;
        $assumed = Expectation::of($shown, $this->handbook, []);

        return new ProcedureData(
            household: $household,
            kind: $kind,
            handbook: $handbook ?? $this->handbook,
            procedure: $shown,
            fits: null !== $procedure,
            refused: $composed->refused,
            leftOut: $this->leftOut($composed, $whole),
            words: $kind->words($machine->traits ?? []),
            machine: $machine,
            machines: $machines,
            estimate: Estimate::of($shown, $assumed),
            kit: KitList::of($shown, [], null === $machine ? null : $this->inputs->sheet($machine))->fetched($this->handbook),
            questions: array_values(array_filter(
                $this->handbook->questions(),
                static fn (Question $question): bool => in_array($procedureId, $question->procedures, true),
            )),
            task: $kind->taskOf($procedureId),
            runs: array_intersect_key($kind->procedureNames, array_flip($whole->runs)),
        );
    }

    private function circumstances(?Machine $machine, Household $household, MachineKind $kind, string $procedure): Circumstances
    {
        if (null === $machine) {
            return new Circumstances([], $household->harsh_chemicals, $this->inputs->hardness($household));
        }
        $care = $this->care->machine($machine, $household);
        $tasks = array_unique(array_map(
            static fn (string $id): string => $kind->taskOf($id)->id ?? '',
            array_keys($kind->procedures->chains(ProcedureSet::of($procedure))),
        ));
        $since = array_map($care->usesSince(...), array_combine($tasks, $tasks));

        return $this->inputs->circumstances(
            $machine,
            $household,
            $this->vessels->residues($machine, $household),
            $since,
            $this->lime->share($machine, $household)->factor,
        );
    }

    /** The small handbook of the steps with what keep-apart puts between them, in the machine's words and amounts. */
    private function asDone(ComposedProcedure $composed, MachineKind $kind, string $procedure, OwnTasks $own): Handbook
    {
        return new Handbook($this->handbook->excerpt($kind->id, ProcedureSet::of($procedure), $composed->binding, $own));
    }

    /** @return array<string, string> reason by the step's short name */
    private function leftOut(ComposedProcedure $composed, Procedure $whole): array
    {
        $left = [];
        foreach ($whole->steps as $step) {
            if (isset($composed->leftOut[$step->id]) && [] !== $step->amounts && !$composed->leftOut[$step->id]->isHouseRule()) {
                $left[$step->short] = $composed->leftOut[$step->id]->reason;
            }
        }

        return $left;
    }
}
