<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Machine;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Logbook\MachineHistory;

/** A machine with all its care tasks as they stand now. */
final readonly class MachineCare
{
    /**
     * @param array<string, TaskCare> $tasks   by id
     * @param list<string>            $offered procedures for this machine, on a clock or not
     */
    public function __construct(public Machine $machine, public MachineKind $kind, public MachineHistory $history, public array $tasks, private array $offered)
    {
    }

    /** @return array<string, string> names of the procedures for this machine that no clock asks for, by id */
    public function onDemand(): array
    {
        $clocked = array_merge(...array_map(static fn (TaskCare $task): array => array_keys($task->procedures()), array_values($this->tasks)));

        return array_intersect_key($this->kind->procedureNames, array_flip(array_diff($this->offered, $clocked)));
    }

    /** Uses counted in the last seven days, today included. */
    public function weekUses(): float
    {
        return array_sum($this->history->usesByDay);
    }
}
