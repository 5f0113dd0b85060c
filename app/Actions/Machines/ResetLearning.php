<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use App\Models\Machine;
use Psr\Clock\ClockInterface;

/** Lets a machine's suspects start from the handbook again. What happened stays in the logbook. */
final readonly class ResetLearning
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function handle(Machine $machine): void
    {
        $machine->update(['forgot_at' => $this->clock->now()]);
    }
}
