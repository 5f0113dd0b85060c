<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Care\MachineCare;
use App\Care\TaskCare;
use App\Models\Household;
use GoodRinse\Core\Quantity\Day;

/** What is due in a household today, as a mail or a calendar says it. */
final readonly class DueList
{
    /**
     * @param list<TaskCare> $tasks that are due and not put off, the most urgent first
     * @param float $minutes of a person's hands for all of it
     */
    private function __construct(public Household $household, public Day $today, public array $tasks, public float $minutes)
    {
    }

    /** @param list<MachineCare> $machines */
    public static function of(Household $household, array $machines, Day $today): self
    {
        $due = array_values(
            array_filter(CareReader::byUrgency($machines), static fn (TaskCare $task): bool => $task->isDue() && !$task->isPutOff($today)),
        );
        $minutes = array_sum(
            array_map(static fn (MachineCare $machine): float => $machine->batch?->estimate->hands->value ?? 0.0, $machines),
        );

        return new self($household, $today, $due, $minutes);
    }

    /** @return list<string> what stands on it, as it is remembered */
    public function keys(): array
    {
        return array_map(static fn (TaskCare $task): string => "{$task->machine->id} {$task->task()->id}", $this->tasks);
    }
}
