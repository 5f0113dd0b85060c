<?php

declare(strict_types=1);

namespace App\View\Pages\OwnTasks;

use App\Models\Machine;
use App\View\PageData;
use App\View\Words\Uses;
use GoodRinse\Core\Handbook\Own\OwnTask;

/** The care tasks a household has written itself, and where it can write another. */
final readonly class OwnTaskListData extends PageData
{
    /** @param array<array-key, Machine> $machines */
    public function __construct(public array $machines)
    {
    }

    public function hasKitchen(): bool
    {
        return in_array(Machine::KITCHEN, array_column($this->machines, 'kind'), true);
    }

    /** How many there are, those that were given up included. */
    public function count(): int
    {
        return array_sum(array_map(static fn (Machine $machine): int => count($machine->ownTasks()->tasks), $this->machines));
    }

    public function about(OwnTask $task): string
    {
        return (string) __('tasks.about', [
            'every' => Uses::counted($task->every, $task->unit),
            'minutes' => $task->minutes,
            'steps' => ucfirst(trans_choice('tasks.steps', count($task->lines))),
        ]);
    }
}
