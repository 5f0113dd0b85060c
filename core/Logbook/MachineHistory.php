<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook;

use GoodRinse\Core\Quantity\Day;

/** What the logbook says about one machine, gathered for the rhythm. */
final readonly class MachineHistory
{
    /**
     * @param array<string, TaskHistory> $tasks by care task id
     * @param float|null $week known uses of the last seven days; null when nothing is known of them
     * @param float $rate uses a day, 0 or more
     * @param bool $measured whether that was learned; else it is what the household says
     * @param float $usesInAll uses since the machine is known
     * @param float $estimated of them, those that nobody told of
     * @param Absences $absences days on which nobody used it
     * @param array<string, float> $slow share by which it has become slower than clean, by the care task that puts it right
     * @param array<string, Day> $lights indicator lights that are on, with the day each came on
     */
    public function __construct(
        public array $tasks,
        public ?float $week,
        public float $rate,
        public bool $measured = false,
        private float $usesInAll = 0.0,
        private float $estimated = 0.0,
        public Absences $absences = new Absences(),
        public array $lights = [],
        public array $slow = [],
    ) {
    }

    public function task(string $id): TaskHistory
    {
        return $this->tasks[$id] ?? new TaskHistory([], $this->usesInAll, estimated: $this->estimated);
    }

    /**
     * What is not of one task: small enough to keep.
     *
     * @param list<string> $told tasks that are kept elsewhere; of the others the uses since are
     */
    public function outline(array $told = []): self
    {
        $others = array_diff_key($this->tasks, array_flip($told));

        return $this->withTasks(array_map(static fn (TaskHistory $task): TaskHistory => $task->brief(0), $others));
    }

    /** The history with another one of a task in its place. */
    public function with(string $id, TaskHistory $task): self
    {
        return $this->withTasks([$id => $task] + $this->tasks)->slowed(array_diff_key($this->slow, [$id => true]));
    }

    /** @param array<string, float> $slow as in the constructor */
    public function slowed(array $slow): self
    {
        return $this->withTasks($this->tasks, $slow);
    }

    /**
     * @param array<string, TaskHistory> $tasks
     * @param array<string, float>|null $slow null for as it is
     */
    private function withTasks(array $tasks, ?array $slow = null): self
    {
        return new self(
            $tasks,
            $this->week,
            $this->rate,
            $this->measured,
            $this->usesInAll,
            $this->estimated,
            $this->absences,
            $this->lights,
            $slow ?? $this->slow,
        );
    }
}
