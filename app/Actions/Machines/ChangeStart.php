<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use App\Models\Machine;

/** Changes what the rhythms of a machine start from: how it is used, and the schools. */
final readonly class ChangeStart
{
    /**
     * @param array<string, string|float> $habits
     * @param array<string, string> $schools by care task
     */
    public function handle(Machine $machine, array $habits, array $schools): void
    {
        $machine->update(['habits' => $habits, 'schools' => $schools]);
    }
}
