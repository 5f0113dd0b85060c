<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan;

/** What is done in one go on a machine, and what is due on it and has to wait for a round of its own. */
final readonly class Batch
{
    /**
     * @param non-empty-list<Candidate> $tasks the most urgent first, then what is brought forward
     * @param list<Candidate> $apart
     */
    public function __construct(public array $tasks, public array $apart)
    {
    }

    /** @return non-empty-list<string> */
    public function procedures(): array
    {
        return array_values(array_unique(array_map(static fn (Candidate $task): string => $task->procedure, $this->tasks)));
    }

    /** @return list<string> ids of the tasks that are not due yet */
    public function broughtForward(): array
    {
        return array_values(array_map(
            static fn (Candidate $task): string => $task->task,
            array_filter($this->tasks, static fn (Candidate $task): bool => !$task->due),
        ));
    }
}
