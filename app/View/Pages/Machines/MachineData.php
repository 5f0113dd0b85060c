<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Care\MachineCare;
use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\Models\Trace;
use App\View\Drawing\FoulingChart;
use App\View\PageData;
use App\View\Pages\Parts\PartNeedLine;
use App\View\Pages\Today\TaskLine;
use App\View\Pages\Vessels\PourPlace;
use App\View\Pages\Vessels\VesselNotice;
use App\View\Words\Uses;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Machine\Habit;
use GoodRinse\Core\Handbook\Machine\Option;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Database\Eloquent\Collection;

/** What MachinePage::for() hands to its view. */
final readonly class MachineData extends PageData
{
    /**
     * @param array<string, TaskLine> $lines
     * @param list<TaskLine> $others
     * @param Collection<int, Round> $running
     * @param array<string, string> $wanted
     * @param list<VesselNotice> $notices
     * @param list<PourPlace> $pourInto
     * @param list<PartNeedLine> $needs
     * @param list<array{string, Trace}> $caused
     */
    public function __construct(
        public Household $household,
        public Day $today,
        public MachineCare $care,
        public array $lines,
        public ?TaskLine $shown,
        public array $others,
        public ?FoulingChart $chart,
        public Collection $running,
        public array $wanted,
        public array $notices,
        public array $pourInto,
        public array $needs,
        public array $caused,
        public bool $pointed,
        public Handbook $handbook,
    ) {
    }

    /** Whether it is a machine, and not the kitchen itself: it comes apart, and something can be wrong with it. */
    public function isMachine(): bool
    {
        return Machine::KITCHEN !== $this->care->kind->id;
    }

    /** @return list<array{string, string, bool}> where else one goes from here: address, name, and whether it is a file */
    public function places(): array
    {
        $machine = $this->care->machine;
        $untold = [] !== array_filter($this->care->tasks, static fn (TaskCare $task): bool => $task->neverOpened());

        return array_values(array_filter([
            $this->place('rhythm', 'rhythm', ['machine' => $machine->id]),
            $this->place('edit', 'machines.edit'),
            $untold ? $this->place('before', 'machines.before') : null,
            $this->care->isCounted() ? $this->place('use', 'uses.index') : null,
            $this->care->isCounted() ? $this->place('counters', 'devices.create') : null,
            ...!$this->isMachine() ? [] : [
                $this->place('measures', 'measures'),
                $this->place('apart', 'machines.apart'),
                $this->place('parts', 'machines.parts'),
            ],
            $this->place('task', 'tasks.create', ['where' => $machine->id]),
            $this->isMachine() ? $this->place('card', 'machines.card', isFile: true) : null,
            $this->isMachine() ? $this->place('retire', 'machines.retire') : null,
        ]));
    }

    /**
     * @param array<string, string>|null $of parameters of the route; null for the machine
     *
     * @return array{string, string, bool}
     */
    private function place(string $name, string $route, ?array $of = null, bool $isFile = false): array
    {
        return [route($route, $of ?? $this->care->machine), (string) __("machines.go.$name"), $isFile];
    }

    /** What is known of a habit, in words. */
    public function habit(Habit $habit): string
    {
        $known = $this->care->machine->habits[$habit->id] ?? null;

        return null !== $habit->number
            ? Uses::number((float) ($known ?? $habit->default))
            : Option::among($habit->options, (string) $known)->name ?? (string) __('machines.not_known');
    }
}
