<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Care\TaskCare;

/** An acid that a task is done with, beside what else would do, each for the year ahead. */
final readonly class AgentChoice
{
    /**
     * @param int $times in the year ahead
     * @param array<string, array{float, float|null}> $years amount of each agent in its unit, and what that costs; null where nobody
     *     has said a price. What the handbook pours comes first
     */
    public function __construct(public TaskCare $task, public int $times, public array $years)
    {
    }
}
