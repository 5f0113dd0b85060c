<?php

declare(strict_types=1);

namespace App\View\Components\Form;

use App\Models\Machine;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Machine\Habit;
use GoodRinse\Core\Handbook\MachineKind;
use Illuminate\View\Component;

/** How it is used, and where its rhythms start; with `drawn` only the habits that are asked first, or only the others. */
final class HabitFields extends Component
{
    /** @var list<Habit> */
    public readonly array $habits;

    /** @var array<string, CareTask> none where only the first habits are asked */
    public readonly array $first;

    /** @var array<string, CareTask> */
    public readonly array $others;

    /** @param array<string, string> $said of a task, what its start comes to */
    public function __construct(
        MachineKind $kind,
        public readonly ?Machine $machine = null,
        public readonly array $said = [],
        ?bool $drawn = null,
    ) {
        $this->habits = array_values(array_filter(
            $kind->habits(),
            static fn (Habit $habit): bool => null === $drawn || $habit->drawn === $drawn,
        ));
        $this->first = true === $drawn ? [] : array_filter(
            $kind->firstTasks($machine->traits ?? []),
            static fn (CareTask $task): bool => count($task->schools) > 1,
        );
        $this->others = true === $drawn ? [] : array_filter(
            array_diff_key(null === $machine ? $kind->tasks() : $kind->tasksFor($machine->traits), $this->first),
            static fn (CareTask $task): bool => count($task->schools) > 1,
        );
    }

    public function render(): string
    {
        return 'components.form.habit-fields';
    }
}
