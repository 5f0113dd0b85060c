<?php

declare(strict_types=1);

namespace App\Care;

use App\Care\Cache\CachedTaskState;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Logbook\TaskHistory;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\CareState;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Rhythm\StartingInterval;
use GoodRinse\Core\Round\Estimate;

/**
 * One care task of one machine as it stands now. What lists ask for is at hand; the rest is unpacked when it is first
 * looked at, because a page shows a few of many tasks.
 */
final class TaskCare
{
    private ?TaskDetails $details = null;

    public function __construct(
        public readonly Machine $machine,
        public readonly MachineKind $kind,
        public readonly string $id,
        public readonly CachedTaskState $kept,
    ) {
    }

    public function task(): CareTask
    {
        return $this->kind->task($this->id);
    }

    /** Its newest openings. */
    public function history(): TaskHistory
    {
        return $this->details()->history;
    }

    public function rhythm(): Rhythm
    {
        return $this->details()->rhythm;
    }

    /** What the school and the habits make the first interval. */
    public function start(): StartingInterval
    {
        return $this->details()->start;
    }

    /** How long the fullest procedure will take, with what is expected to be found. */
    public function estimate(): Estimate
    {
        return $this->details()->estimate;
    }

    /** Whether what is found is compared with a grade. */
    public function isGraded(): bool
    {
        return $this->details()->graded;
    }

    /** What the person calls it: the part as it is on this machine, or the job. */
    public function name(): string
    {
        return $this->task()->byPart ? $this->kind->part($this->task()->part)->name($this->machine->traits) : $this->task()->name;
    }

    /** @return array<string, string> names of the procedures this machine allows, by id, the fullest first */
    public function procedures(): array
    {
        $names = [];
        foreach ($this->details()->procedures as $id) {
            $names[$id] = $this->kind->procedureNames[$id] ?? $id;
        }

        return $names;
    }

    /** Id of the scale its part is judged on. */
    public function scale(): string
    {
        return $this->kind->procedures->scaleOf($this->id, $this->machine->traits);
    }

    /** Whether it is to be done today, by its clocks or because nobody has looked yet. */
    public function isDue(): bool
    {
        return $this->kept->state->isDue();
    }

    public function isDueOrSoon(): bool
    {
        return $this->isDue() || CareState::Soon === $this->kept->state;
    }

    /** Whether it is due but the person put it off, or is away. */
    public function isPutOff(Day $today): bool
    {
        return $this->isDue() && null !== $this->kept->remind && $this->kept->remind > $today->number && $this->rhythm()->isPutOff($today);
    }

    /** Id of the fullest procedure this machine allows for it. */
    public function fullest(): string
    {
        return $this->kept->fullest;
    }

    /** Whether nobody has said anything yet of how it is or was. */
    public function neverOpened(): bool
    {
        return $this->kept->never;
    }

    private function details(): TaskDetails
    {
        return $this->details ??= $this->kept->unpack();
    }
}
