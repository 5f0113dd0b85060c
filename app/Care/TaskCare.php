<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Machine;
use GoodRinse\Core\Handbook\CareTask;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Procedure;
use GoodRinse\Core\Logbook\TaskHistory;
use GoodRinse\Core\Rhythm\Rhythm;

/** One care task of one machine as it stands now. */
final readonly class TaskCare
{
    /** @param float $startDays what the school and the habits make the first interval, in days */
    public function __construct(
        public Machine $machine,
        public MachineKind $kind,
        public CareTask $task,
        public TaskHistory $history,
        public Rhythm $rhythm,
        public float $startDays,
    ) {
    }

    public function part(): string
    {
        return $this->kind->part($this->task->part)->name($this->machine->traits);
    }

    /** The fullest procedure this machine allows. */
    public function procedure(): Procedure
    {
        return $this->kind->procedure((string) array_key_first($this->procedures()));
    }

    /** @return array<string, string> names of the procedures this machine allows, by id, the fullest first */
    public function procedures(): array
    {
        $names = [];
        foreach ($this->task->procedures($this->machine->traits) as $id) {
            $names[$id] = $this->kind->procedureNames[$id] ?? $id;
        }

        return $names;
    }

    public function neverOpened(): bool
    {
        return $this->history->isEmpty();
    }
}
