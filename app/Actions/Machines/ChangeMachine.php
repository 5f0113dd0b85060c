<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use App\Models\Machine;

/** Changes what is known about a machine and how it is used. */
final readonly class ChangeMachine
{
    /**
     * @param array<string, string>       $traits
     * @param array<string, string|float> $habits
     * @param array<string, string>       $schools by care task
     */
    public function handle(
        Machine $machine,
        string $name,
        ?string $place,
        array $traits,
        array $habits,
        array $schools,
        ?string $model = null,
        ?string $serial = null,
    ): void {
        $machine->update([
            'name' => $name,
            'place' => $place,
            'traits' => $traits,
            'habits' => $habits,
            'schools' => $schools,
            'model' => $model,
            'serial' => $serial,
        ]);
    }
}
