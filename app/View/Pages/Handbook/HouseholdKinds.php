<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;

/** Which machines and kinds the handbook is read for. */
final readonly class HouseholdKinds
{
    public function __construct(private Handbook $handbook)
    {
    }

    /** @return array<string, Machine> the household's machines, of each kind and make-up one */
    public function machines(Household $household): array
    {
        $machines = [];
        foreach ($household->activeMachines()->orderBy('name')->get() as $machine) {
            if (isset($this->handbook->kindNames()[$machine->kind])) {
                $machines[isset($machines[$machine->kind]) ? $machine->id : $machine->kind] = $machine;
            }
        }

        return $machines;
    }

    /** @return list<string> */
    public function of(Household $household): array
    {
        return array_values(array_unique(array_map(static fn (Machine $machine): string => $machine->kind, $this->machines($household))));
    }

    /** @return list<MachineKind> kinds of which the household has no machine */
    public function otherKinds(Household $household): array
    {
        return array_map(
            $this->handbook->kind(...),
            array_values(array_diff(array_keys($this->handbook->kindNames()), $this->of($household))),
        );
    }
}
