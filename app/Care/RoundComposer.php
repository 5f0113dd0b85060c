<?php

declare(strict_types=1);

namespace App\Care;

use App\Care\Measures\LimeReader;
use App\Care\Readers\CareReader;
use App\Care\Readers\VesselReader;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\Support\Scalar;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Round\ComposedProcedure;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Round\Expectation;

/** Composes what a round follows, for a machine as it stands now. */
final readonly class RoundComposer
{
    public function __construct(
        private Handbook $handbook,
        private CareReader $care,
        private CoreInputs $inputs,
        private VesselReader $vessels,
        private LimeReader $lime,
    ) {
    }

    /**
     * @throws UnknownEntry when the kind has no such procedure
     * @throws OrderConflict when they contradict each other
     */
    public function procedure(Machine $machine, Household $household, MachineKind $kind, ProcedureSet $set): ComposedProcedure
    {
        $care = $this->care->machine($machine, $household);
        $since = [];
        foreach (array_keys($kind->procedures->chains($set)) as $id) {
            $task = $kind->taskOf($id)->id ?? '';
            $since[$task] ??= $care->usesSince($task);
        }

        return (new Composer($this->handbook))->compose(
            $kind,
            $set,
            $this->inputs->circumstances($machine, $household, $this->vessels->residues($machine, $household), $since, $this->lime->share(
                $machine,
                $household,
            )->factor),
        );
    }

    /**
     * Null when nothing of them is left on this machine.
     *
     * @param non-empty-list<string> $procedures
     *
     * @throws UnknownEntry when the kind has no such procedure
     * @throws OrderConflict when they contradict each other
     */
    public function expected(MachineCare $care, Household $household, array $procedures): ?ProcedureExpectation
    {
        $procedure = $this->procedure($care->machine, $household, $care->kind, ProcedureSet::from($procedures))->procedure;

        return null === $procedure ? null : new ProcedureExpectation(
            $procedure,
            Expectation::of($procedure, $this->handbook, array_map(Fraction::of(...), $care->blockedNow())),
        );
    }

    /** @return array<string, string> answers to count on in a round, where none was given yet, by step */
    public function answers(Round $round, Household $household): array
    {
        $blocked = $round->expected ?? $this->care->machine($round->machine, $household)->blockedNow();

        return Expectation::of($round->fittedProcedure(), $round->handbook(), array_map(Fraction::of(...), $blocked));
    }

    /**
     * What a running round follows, composed anew for its machine as it stands now; null when a step that was
     * done would not be in it any more.
     *
     * @return array<string, mixed>|null
     */
    public function script(Round $round, Household $household): ?array
    {
        if ([] === $round->procedures) {
            return null;
        }
        try {
            $set = ProcedureSet::from($round->procedures);
            $composed = $this->procedure($round->machine, $household, $round->machine->kindIn($this->handbook), $set);
            $script = null === $composed->procedure
                ? null
                : $this->handbook->excerpt($round->machine->kind, $set, $composed->binding, $round->machine->ownTasks());
        } catch (UnknownEntry|OrderConflict) {
            return null;
        }
        $steps = $composed->procedure->steps ?? [];
        $done = array_map(Scalar::text(...), $round->ticks()->pluck('step')->all());

        return [] === array_diff($done, array_map(static fn (Step $step): string => $step->id, $steps)) ? $script : null;
    }
}
