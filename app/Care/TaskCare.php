<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Machine;
use GoodRinse\Core\Handbook\CareTask;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Logbook\TaskHistory;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Round\Estimate;

/** One care task of one machine as it stands now. */
final readonly class TaskCare
{
    /**
     * @param float    $startDays what the school and the habits make the first interval, in days
     * @param Estimate $estimate  how long the fullest procedure will take, with what is expected to be found
     */
    public function __construct(
        public Machine $machine,
        public MachineKind $kind,
        public CareTask $task,
        public TaskHistory $history,
        public Rhythm $rhythm,
        public float $startDays,
        public Estimate $estimate,
    ) {
    }

    public function part(): string
    {
        return $this->kind->part($this->task->part)->name($this->machine->traits);
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
