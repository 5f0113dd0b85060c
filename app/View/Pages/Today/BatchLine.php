<?php

declare(strict_types=1);

namespace App\View\Pages\Today;

use App\Care\MachineCare;
use App\Care\ProposedBatch;
use App\Care\TaskCare;
use GoodRinse\Core\Plan\Candidate;
use GoodRinse\Core\Round\Estimate;

/** What is proposed for one machine today. */
final readonly class BatchLine
{
    /** @var non-empty-list<TaskLine> the most urgent first, then what is brought forward */
    public array $lines;

    /** @var list<TaskLine> due on the machine, but for a round of its own */
    public array $apart;

    public Estimate $estimate;

    /** @var array<string, string> names of the procedures, by id */
    public array $procedures;

    /** @param \Closure(TaskCare): TaskLine $line */
    public function __construct(public MachineCare $care, private ProposedBatch $proposed, \Closure $line)
    {
        $of = static fn (Candidate $task): TaskLine => $line($care->tasks[$task->task]);
        $this->lines = array_map($of, $proposed->batch->tasks);
        $this->apart = array_map($of, $proposed->batch->apart);
        $this->estimate = $proposed->estimate;
        $this->procedures = array_map(
            static fn (string $id): string => $care->kind->procedureNames[$id] ?? $id,
            array_combine($proposed->batch->procedures(), $proposed->batch->procedures()),
        );
    }

    public function isBroughtForward(TaskLine $line): bool
    {
        return in_array($line->care->task()->id, $this->proposed->batch->broughtForward(), true);
    }

    /** @return list<TaskCare> */
    public function tasks(): array
    {
        return array_map(static fn (TaskLine $line): TaskCare => $line->care, $this->lines);
    }
}
