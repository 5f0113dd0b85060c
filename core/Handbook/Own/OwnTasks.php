<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Own;

/** The care tasks that a household has written itself for one machine, by id. */
final readonly class OwnTasks
{
    /** @param array<string, OwnTask> $tasks by id */
    public function __construct(public array $tasks = [])
    {
    }

    /** @param array<array-key, mixed> $data what toArray() made; anything else is left out */
    public static function read(array $data): self
    {
        $tasks = [];
        foreach ($data as $each) {
            $task = is_array($each) ? OwnTask::read($each) : null;
            if (null !== $task) {
                $tasks[$task->id] = $task;
            }
        }

        return new self($tasks);
    }

    /** @return list<array<string, mixed>> what read() reads back */
    public function toArray(): array
    {
        return array_values(array_map(static fn (OwnTask $task): array => $task->toArray(), $this->tasks));
    }

    public function isEmpty(): bool
    {
        return [] === $this->tasks;
    }

    public function task(string $id): ?OwnTask
    {
        return $this->tasks[$id] ?? null;
    }

    /** @return array<string, OwnTask> those that have not been given up */
    public function current(): array
    {
        return array_filter($this->tasks, static fn (OwnTask $task): bool => !$task->ended);
    }

    /** @return array<string, OwnTask> those that the household has given up */
    public function ended(): array
    {
        return array_filter($this->tasks, static fn (OwnTask $task): bool => $task->ended);
    }

    public function with(OwnTask $task): self
    {
        return new self(array_replace($this->tasks, [$task->id => $task]));
    }
}
