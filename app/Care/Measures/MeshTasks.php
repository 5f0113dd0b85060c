<?php

declare(strict_types=1);

namespace App\Care\Measures;

use App\Models\Machine;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Scale\Scales;

/** The care tasks of a machine whose part is a mesh, held to the light. */
final readonly class MeshTasks
{
    public function __construct(private Handbook $handbook)
    {
    }

    /** @return array<string, CareTask> by id */
    public function of(Machine $machine): array
    {
        $kind = $machine->kindIn($this->handbook);

        return array_filter(
            $kind->tasksFor($machine->traits),
            fn (CareTask $task): bool => Scales::MESH === $kind->procedures->scaleOf($task->id, $machine->traits)
                && $this->isGraded($machine, $task),
        );
    }

    /** Whether anything of its procedures is compared with the scale at all. */
    private function isGraded(Machine $machine, CareTask $task): bool
    {
        $kind = $machine->kindIn($this->handbook);
        foreach ($task->procedures($machine->traits) as $procedure) {
            foreach ($kind->procedures->procedure($procedure)->steps as $step) {
                if ($step->capture?->of === $task->id && null !== $step->capture->scale) {
                    return true;
                }
            }
        }

        return false;
    }
}
