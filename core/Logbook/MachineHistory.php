<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Quantity\Day;

/** What the logbook says about one machine, gathered for the rhythm. */
final readonly class MachineHistory
{
    /**
     * @param array<string, TaskHistory> $tasks       by care task id
     * @param array<int, float>          $usesByDay   uses counted on each of the latest days, keyed by the day's number
     * @param Day|null                   $countedFrom first day use was counted; null when it never was
     * @param float                      $usesInAll   uses since the machine is known
     * @param Absences                   $absences    days on which nobody used it
     * @param array<string, Day>         $lights      indicator lights that are on, with the day each came on
     */
    public function __construct(
        public array $tasks,
        public array $usesByDay,
        public ?Day $countedFrom,
        private float $usesInAll = 0.0,
        public Absences $absences = new Absences(),
        public array $lights = [],
    ) {
    }

    public function task(string $id): TaskHistory
    {
        return $this->tasks[$id] ?? new TaskHistory([], $this->usesInAll);
    }

    /**
     * What is not of one task: small enough to keep.
     *
     * @param int          $fromDay number of the first day whose uses are kept
     * @param list<string> $told    tasks that are kept elsewhere; of the others the uses since are
     */
    public function outline(int $fromDay, array $told = []): self
    {
        return new self(
            array_map(static fn (TaskHistory $task): TaskHistory => $task->brief(0), array_diff_key($this->tasks, array_flip($told))),
            array_filter($this->usesByDay, static fn (int $day): bool => $day >= $fromDay, ARRAY_FILTER_USE_KEY),
            $this->countedFrom,
            $this->usesInAll,
            $this->absences,
            $this->lights,
        );
    }

    /** The history with another one of a task in its place. */
    public function with(string $id, TaskHistory $task): self
    {
        return new self([$id => $task] + $this->tasks, $this->usesByDay, $this->countedFrom, $this->usesInAll, $this->absences, $this->lights);
    }
}
