<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use App\Models\Machine;

/** Changes what is known about a machine and how it is used. */
final readonly class ChangeMachine
{
    public function handle(Machine $machine, MachineDescription $about): void
    {
        $machine->update($about->columns());
    }
}
