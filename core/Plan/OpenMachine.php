<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan;

/**
 * Chooses what is done in one go when a machine is opened: what is due, and what is worn nearly so far that it would
 * soon take the machine apart again.
 */
final readonly class OpenMachine
{
    /** @param float $bringForward wear from which a task that is not due yet comes along, 0 to 1 */
    public function __construct(private float $bringForward)
    {
    }

    /**
     * @param list<Candidate> $tasks of one machine, the most urgent first
     * @param \Closure(non-empty-list<string>): bool $together whether procedures can be done in one go
     *
     * @return Batch|null null when nothing is due on it
     */
    public function batch(array $tasks, \Closure $together): ?Batch
    {
        $due = array_values(array_filter($tasks, static fn (Candidate $task): bool => $task->due));
        if ([] === $due) {
            return null;
        }
        $first = $due[0];
        $chosen = [$first];
        $apart = [];
        foreach ([
            ...array_slice($due, 1),
            ...array_filter($tasks, fn (Candidate $task): bool => !$task->due && $task->wear >= $this->bringForward),
        ] as $task) {
            $procedures = array_values(
                array_unique(array_map(static fn (Candidate $each): string => $each->procedure, [...$chosen, $task])),
            );
            if (!$first->alone && !$task->alone && $together($procedures)) {
                $chosen[] = $task;
            } elseif ($task->due) {
                $apart[] = $task;
            }
        }

        return new Batch($chosen, $apart);
    }
}
