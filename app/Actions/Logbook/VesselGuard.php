<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use App\Care\Gates\StepChemistryGate;
use App\Models\Household;
use App\Models\Round;
use GoodRinse\Core\Handbook\Procedure\Step;

/** Stands between a step that pours something and the logbook. */
final readonly class VesselGuard
{
    public function __construct(private StepChemistryGate $step)
    {
    }

    /** @throws ActionRefused when something the step pours must not go where it is poured */
    public function allow(Round $round, Step $step, Household $household): void
    {
        foreach ($this->step->verdicts($round, $step, $household) as $verdict) {
            if ($verdict->found->verdict->refuses()) {
                throw ActionRefused::keptApart($verdict->found);
            }
        }
    }
}
