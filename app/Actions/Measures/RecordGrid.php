<?php

declare(strict_types=1);

namespace App\Actions\Measures;

use App\Actions\Logbook\ActionRefused;
use App\Care\Measures\MeshTasks;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Logbook\Payload\Measured\JetMap;
use GoodRinse\Core\Logbook\Payload\Measured\MeshGrid;
use GoodRinse\Core\Logbook\Payload\Opening;

/** Writes down how much of a mesh is shut, counted on a picture. */
final readonly class RecordGrid
{
    public function __construct(private MeshTasks $tasks, private RecordMeasurement $record)
    {
    }

    /**
     * @param string $id ULID from the page, so that a second click writes nothing
     * @param string $means as it was found, or as it went back
     *
     * @throws ActionRefused for a part that the machine does not have
     */
    public function handle(Machine $machine, User $by, string $id, MeshGrid $grid, string $means): void
    {
        $task = $this->tasks->of($machine)[$grid->task] ?? throw ActionRefused::noSuchMesh();
        $this->record->handle(
            $machine,
            $by,
            $id,
            $grid,
            $task->part,
            Opening::counted($task->id, $grid->blocked(), JetMap::FOUND === $means),
        );
    }
}
