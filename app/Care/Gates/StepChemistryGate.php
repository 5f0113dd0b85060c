<?php

declare(strict_types=1);

namespace App\Care\Gates;

use App\Care\Readers\VesselReader;
use App\Models\Household;
use App\Models\Round;
use GoodRinse\Core\Chemistry\Interlock;
use GoodRinse\Core\Chemistry\ProcedureGuard;
use GoodRinse\Core\Chemistry\VesselState;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\Step;

/** Asks the interlock about what a step of a round pours, with what the vessels hold at this moment. */
final readonly class StepChemistryGate
{
    public function __construct(private Handbook $handbook, private VesselReader $vessels)
    {
    }

    /** @return list<PourVerdict> one for each amount */
    public function verdicts(Round $round, Step $step, Household $household): array
    {
        if ([] === $step->amounts) {
            return [];
        }
        $rules = $this->handbook->chemistry();
        $guard = new ProcedureGuard($rules);
        $interlock = new Interlock($rules);
        $kind = $round->handbook()->kind($round->machine->kind);
        $verdicts = [];
        foreach ($step->amounts as $amount) {
            $vessel = $rules->vesselId($amount->vessel);
            $record = $this->vessels->record($round->machine, $vessel, $household);
            $state = new VesselState($vessel, $guard->surfaces($kind, $step, $amount, $round->machine->traits), $record->residues);
            $verdicts[] = new PourVerdict(
                $rules->vessel($vessel),
                $amount->agent,
                $interlock->assess($state, $amount->agent, $household->harsh_chemicals),
                $record->residues,
            );
        }

        return $verdicts;
    }
}
