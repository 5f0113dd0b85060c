<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Care\MachineCare;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\Models\Trace;
use App\View\Drawing\FoulingChart;
use App\View\PageData;
use App\View\Pages\Parts\PartNeedLine;
use App\View\Pages\Today\TaskLine;
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
     * @param array<string, string> $pourInto
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

    /** What is known of a habit, in words. */
    public function habit(Habit $habit): string
    {
        $known = $this->care->machine->habits[$habit->id] ?? null;

        return null !== $habit->number
            ? Uses::number((float) ($known ?? $habit->default))
            : Option::among($habit->options, (string) $known)->name ?? (string) __('machines.not_known');
    }
}
