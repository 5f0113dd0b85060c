<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Quantity\Day;

/** A machine of any kind and make-up, and what is to be done on it. */
trait RandomMachine
{
    private function machine(User $user): Machine
    {
        $kinds = array_keys(app(Handbook::class)->kindNames());
        $kind = app(Handbook::class)->kind($kinds[$this->dice->between(0, count($kinds) - 1)]);
        $traits = [];
        foreach ($kind->traits() as $trait) {
            if ($this->chance(0.75)) {
                $traits[$trait->id] = null === $trait->number
                    ? $trait->options[$this->dice->between(0, count($trait->options) - 1)]->id
                    : (string) $this->dice->between((int) ceil($trait->number->least), (int) $trait->number->most);
            }
        }
        $first = 'dishwasher' === $kind->id && $this->chance(0.3) ? ['filter' => ['first' => ['lower-rack', 'lower-arm']]] : [];

        return Machine::factory()->create([
            'household_id' => $user->household_id,
            'kind' => $kind->id,
            'name' => 'Fuzz',
            'traits' => $traits,
            'habits' => [],
            'schools' => $this->schools($kind),
            'apart' => $first,
            'own_tasks' => RandomOwnTasks::of($kind, $this->dice->between(...), Day::of('2026-06-01'))->toArray() ?: null,
        ])
            ->refresh();
    }

    /** @return array<string, string> */
    private function schools(MachineKind $kind): array
    {
        $schools = [];
        foreach ($kind->tasks() as $task) {
            if ($this->chance(0.3)) {
                $ids = array_keys($task->schools);
                $schools[$task->id] = $ids[$this->dice->between(0, count($ids) - 1)];
            }
        }

        return $schools;
    }

    /** @return non-empty-list<string> */
    private function picked(MachineKind $kind, Machine $machine): array
    {
        $names = array_values(array_filter(
            array_keys($kind->procedureNames),
            fn (string $id): bool => $kind->procedures->procedure($id)->when->holds($machine->traits) || $this->chance(0.02),
        ));
        $picked = [];
        for ($i = $this->dice->between(1, 4); $i > 0; --$i) {
            $picked[] = $names[$this->dice->between(0, count($names) - 1)];
        }

        return array_values(array_unique($picked)) ?: [$names[0]];
    }
}
