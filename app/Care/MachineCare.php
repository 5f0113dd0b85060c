<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Machine;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Logbook\MachineHistory;

/** A machine with all its care tasks as they stand now. */
final readonly class MachineCare
{
    /** @param array<string, TaskCare> $tasks by id */
    public function __construct(public Machine $machine, public MachineKind $kind, public MachineHistory $history, public array $tasks)
    {
    }

    /** Uses counted in the last seven days, today included. */
    public function weekUses(): float
    {
        return array_sum($this->history->usesByDay);
    }
}
