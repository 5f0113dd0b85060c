<?php

declare(strict_types=1);

namespace App\View\Components\Form;

use App\Models\Machine;
use GoodRinse\Core\Handbook\Care\CareTask;
use Illuminate\View\Component;

/** Where a task's rhythm starts: as it fits the use, or as one of the schools says. */
final class SchoolField extends Component
{
    public readonly string $picked;

    /** What it starts with where nobody picks, in words. */
    public readonly string $fitting;

    /** @param string|null $said what its start comes to */
    public function __construct(public readonly CareTask $task, ?Machine $machine = null, public readonly ?string $said = null)
    {
        $typed = old("schools.$task->id", $machine->schools[$task->id] ?? '');
        $this->picked = is_string($typed) ? $typed : '';
        $proposed = mb_strtolower($task->proposed($machine->habits ?? [])->name);
        $this->fitting = null === $machine ? " (usually $proposed)" : ": $proposed";
    }

    public function render(): string
    {
        return 'components.form.school-field';
    }
}
