<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Machine;
use GoodRinse\Core\Handbook\CareTask;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Logbook\TaskHistory;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Rhythm\StartingInterval;
use GoodRinse\Core\Rhythm\State;
use GoodRinse\Core\Round\Estimate;

/** One care task of one machine as it stands now. */
final readonly class TaskCare
{
    /**
     * @param StartingInterval $start    what the school and the habits make the first interval
     * @param Estimate         $estimate how long the fullest procedure will take, with what is expected to be found
     * @param list<string>     $allowed  procedures for this machine, the fullest first
     * @param bool             $graded   whether what is found is compared with a grade
     */
    public function __construct(
        public Machine $machine,
        public MachineKind $kind,
        public CareTask $task,
        public TaskHistory $history,
        public Rhythm $rhythm,
        public StartingInterval $start,
        public Estimate $estimate,
        private array $allowed,
        public bool $graded,
    ) {
    }

    /** What the person calls it: the part as it is on this machine, or the job. */
    public function name(): string
    {
        return $this->task->byPart ? $this->kind->part($this->task->part)->name($this->machine->traits) : $this->task->name;
    }

    /** @return array<string, string> names of the procedures this machine allows, by id, the fullest first */
    public function procedures(): array
    {
        $names = [];
        foreach ($this->allowed as $id) {
            $names[$id] = $this->kind->procedureNames[$id] ?? $id;
        }

        return $names;
    }

    /** Whether it is to be done today, by its clocks or because nobody has looked yet. */
    public function isDue(): bool
    {
        return $this->neverOpened() || $this->rhythm->state->isDue();
    }

    public function isDueOrSoon(): bool
    {
        return $this->isDue() || State::Soon === $this->rhythm->state;
    }

    /** Whether it is due but the person put it off, or is away. */
    public function isPutOff(Day $today): bool
    {
        return $this->isDue() && $this->rhythm->isPutOff($today);
    }

    /** Id of the fullest procedure this machine allows for it. */
    public function fullest(): string
    {
        return (string) array_key_first($this->procedures());
    }

    /** Whether nobody has looked yet at something that should be looked at first. */
    public function neverOpened(): bool
    {
        return $this->task->first && $this->history->isEmpty();
    }
}
