<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\Care\Readers\CareReader;
use App\Care\Readers\FixHistory;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Fault\Cause;
use GoodRinse\Core\Handbook\Fault\FaultAction;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Handbook\Fault\Symptom;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;

/** Symptoms with their likeliest causes and what helps, for each machine. */
final readonly class SymptomsPage
{
    private const CAUSES = 4;

    public function __construct(
        private Handbook $handbook,
        private HouseholdKinds $kinds,
        private FixHistory $fixes,
        private CareReader $care,
    ) {
    }

    public function for(Household $household, bool $all): SymptomsData
    {
        return new SymptomsData(
            all: $all,
            groups: $this->groups($household, $all),
            fixed: $this->fixes->bySymptom($household),
            taught: $this->fixes->taught($household),
        );
    }

    /**
     * The symptoms of each machine, and of the kinds the household has none of where they are wanted.
     *
     * @return list<array{id: string, kind: string, machine: string|null, name: string, basis: string,
     *     symptoms: list<array{id: string, name: string, now: string|null, causes: list<array{name: string,
     *     action: FaultAction|null}>}>}>
     */
    public function groups(Household $household, bool $all): array
    {
        $groups = [];
        foreach ($this->kinds->machines($household) as $machine) {
            $groups[] = $this->group($machine->kindIn($this->handbook), $machine, $household);
        }
        foreach ($all || [] === array_filter($groups) ? $this->kinds->otherKinds($household) : [] as $kind) {
            $groups[] = $this->group($kind, null, $household);
        }

        return array_values(array_filter($groups));
    }

    /**
     * @return array{id: string, kind: string, machine: string|null, name: string, basis: string,
     *     symptoms: list<array{id: string, name: string, now: string|null, causes: list<array{name: string,
     *     action: FaultAction|null}>}>}|null
     */
    private function group(MachineKind $kind, ?Machine $machine, Household $household): ?array
    {
        $catalog = $this->handbook->trouble($kind->id);
        if (null === $catalog) {
            return null;
        }
        $catalog = null === $machine ? $catalog : $catalog->offering($this->care->offered($machine, $household));
        $traits = $machine->traits ?? [];
        $symptoms = [];
        foreach ($catalog->symptoms as $symptom) {
            if ($symptom->when->holds($traits)) {
                $symptoms[] = [
                    'id' => $symptom->id,
                    'name' => $symptom->name,
                    'now' => $symptom->now,
                    'causes' => $this->causesOf($symptom, $catalog, $traits, $household->hour_value),
                ];
            }
        }

        return [
            'id' => $machine->id ?? $kind->id,
            'kind' => $kind->id,
            'machine' => $machine?->id,
            'name' => $machine->name ?? $kind->name,
            'basis' => $catalog->basis,
            'symptoms' => $symptoms,
        ];
    }

    /**
     * @param array<string, string> $traits
     *
     * @return list<array{name: string, action: FaultAction|null}> the likeliest causes, each with what helps
     */
    private function causesOf(Symptom $symptom, FaultCatalog $catalog, array $traits, float $hour): array
    {
        $here = array_filter($catalog->causesOf($symptom), static fn (Cause $cause): bool => $cause->when->holds($traits));

        return array_map(
            static fn (Cause $cause): array => ['name' => $cause->name, 'action' => $catalog->bestFor($cause->id, $traits, $hour)],
            array_slice(array_values($here), 0, self::CAUSES),
        );
    }
}
