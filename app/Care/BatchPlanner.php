<?php

declare(strict_types=1);

namespace App\Care;

use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Plan\Candidate;
use GoodRinse\Core\Plan\OpenMachine;
use GoodRinse\Core\Plan\Urgency;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Round\Circumstances;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Round\Estimate;
use GoodRinse\Core\Round\Expectation;

/** Puts together what is done in one go on a machine today. */
final readonly class BatchPlanner
{
    private Composer $composer;

    public function __construct(private Handbook $handbook)
    {
        $this->composer = new Composer($handbook);
    }

    /**
     * @param array<string, Rhythm> $rhythms by care task
     * @param array<string, list<string>> $procedures that the machine allows, by care task, the fullest first
     */
    public function of(MachineKind $kind, array $rhythms, array $procedures, Circumstances $here, Day $today): ?ProposedBatch
    {
        uasort($rhythms, static fn (Rhythm $a, Rhythm $b): int => (new Urgency($a->dueOn?->number, $a->wear))->against(
            new Urgency($b->dueOn?->number, $b->wear),
        ));
        $candidates = [];
        foreach ($rhythms as $id => $rhythm) {
            if (!$rhythm->isPutOff($today) && isset($procedures[$id][0])) {
                $candidates[] = new Candidate(
                    $id,
                    $procedures[$id][0],
                    $rhythm->state->isDue(),
                    $rhythm->wear,
                    $kind->procedures->standsAlone($procedures[$id][0]),
                );
            }
        }
        $batch = (new OpenMachine($this->handbook->rhythmModel()->stateFrom['soon']))->batch(
            $candidates,
            fn (array $ids): bool => null !== $this->procedure($kind, $ids, $here),
        );
        if (null === $batch) {
            return null;
        }
        $procedure = $this->procedure($kind, $batch->procedures(), $here);

        return null === $procedure ? null : new ProposedBatch($batch, $this->estimate($procedure, $rhythms));
    }

    /**
     * @param non-empty-list<string> $ids
     *
     * @return Procedure|null null when they cannot be done in one go
     */
    private function procedure(MachineKind $kind, array $ids, Circumstances $here): ?Procedure
    {
        try {
            return $this->composer->compose($kind, ProcedureSet::from($ids), $here)->procedure;
        } catch (OrderConflict) {
            return null;
        }
    }

    /** @param array<string, Rhythm> $rhythms */
    private function estimate(Procedure $procedure, array $rhythms): Estimate
    {
        return Estimate::of(
            $procedure,
            Expectation::of($procedure, $this->handbook, array_map(static fn (Rhythm $rhythm) => $rhythm->blockedNow, $rhythms)),
        );
    }
}
