<?php

declare(strict_types=1);

namespace App\View\Pages\OwnTasks;

use App\Models\Machine;
use App\View\PageData;
use App\View\Words\Uses;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Own\OwnTask;
use GoodRinse\Core\Handbook\Scale\Grade;
use GoodRinse\Core\Handbook\Scale\Scale;
use GoodRinse\Core\Quantity\Day;

/** The form for one care task of the household's own. */
final readonly class OwnTaskData extends PageData
{
    /**
     * @param Machine|null $machine null for the kitchen itself where it has no task yet
     * @param OwnTask|null $task null for a new one
     * @param array<string, Scale> $scales on which a part can be judged, by id
     */
    public function __construct(
        public ?Machine $machine,
        public MachineKind $kind,
        public ?OwnTask $task,
        public array $scales,
        public Day $today,
    ) {
    }

    public function machineName(): string
    {
        return $this->machine->name ?? (string) __('tasks.kitchen');
    }

    /** What the form is sent with: the machine's id, or the kitchen itself. */
    public function machineId(): string
    {
        return $this->machine->id ?? Machine::KITCHEN;
    }

    public function lines(): string
    {
        return implode("\n", $this->task->lines ?? []);
    }

    public function needs(): string
    {
        return implode(', ', $this->task->needs ?? []);
    }

    /** @return array<string, string> what an interval can be counted in, by unit */
    public function units(): array
    {
        return [OwnTask::DAYS => Uses::unit(OwnTask::DAYS), $this->kind->useUnit => Uses::unit($this->kind->useUnit)];
    }

    /** @return array<string, string> the steps of each scale in words, by id */
    public function scaleNames(): array
    {
        return array_map(
            static fn (Scale $scale): string => implode(', ', array_map(static fn (Grade $grade): string => $grade->name, $scale->grades)),
            $this->scales,
        );
    }

    /** Whether it has some of what few tasks need. */
    public function hasMore(): bool
    {
        return null !== $this->task && (null !== $this->task->part || null !== $this->task->scale || [] !== $this->task->needs);
    }

    /** @return array<string, string> what stands in a field: what was typed, what is kept, or a usual start */
    public function picked(): array
    {
        return [
            'unit' => $this->typed('unit', $this->task->unit ?? OwnTask::DAYS),
            'scale' => $this->typed('scale', $this->task->scale ?? ''),
            'lines' => $this->typed('lines', $this->lines()),
        ];
    }

    private function typed(string $field, string $kept): string
    {
        $typed = old($field, $kept);

        return is_string($typed) ? $typed : '';
    }
}
