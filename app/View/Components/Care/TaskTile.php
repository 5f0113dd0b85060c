<?php

declare(strict_types=1);

namespace App\View\Components\Care;

use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Trace;
use App\View\Drawing\FoulingChart;
use App\View\Pages\Today\TaskLine;
use App\View\Words\Dates;
use App\View\Words\Uses;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Quantity\Day;
use Illuminate\View\Component;

/** A care task of a machine: how it stands, why, and what can be done about it. */
final class TaskTile extends Component
{
    public readonly TaskCare $task;
    public readonly string $id;

    /**
     * @param bool $running whether a round is under way on the machine
     * @param bool $pointed whether a symptom can point to it
     * @param list<array{string, Trace}> $caused what it caused, left too long
     */
    public function __construct(
        public readonly TaskLine $line,
        public readonly FoulingChart $chart,
        private readonly Household $household,
        public readonly Machine $machine,
        public readonly MachineKind $kind,
        public readonly Handbook $handbook,
        public readonly Day $today,
        public readonly bool $running,
        public readonly bool $pointed = false,
        public readonly array $caused = [],
    ) {
        $this->task = $line->care;
        $this->id = $line->care->task()->id;
    }

    /** "due in 6 days, about 30 % shut". */
    public function state(): string
    {
        return match (true) {
            $this->task->neverOpened() => (string) __($this->task->isGraded() ? 'today.never_looked' : 'today.never_done'),
            $this->task->isGraded() => (string) __('today.state_now', [
                'when' => $this->line->when(),
                'percent' => $this->task->rhythm()->blockedNow->percent(),
                'fouls' => $this->task->task()->fouls,
            ]),
            default => $this->line->when(),
        };
    }

    /** "30 loads or 60 days, whichever comes first". */
    public function rhythm(): string
    {
        return Uses::intervals($this->task->rhythm()->clocks);
    }

    /** @return list<string> how the part comes off, step by step */
    public function off(): array
    {
        $traits = $this->machine->traits;
        $words = $this->kind->words($traits);

        return array_map(
            static fn (string $step): string => strtr($step, $words),
            $this->kind->part($this->task->task()->part)->comesOff($traits),
        );
    }

    public function began(\DateTimeImmutable $at): string
    {
        return Dates::day(Day::at($at, $this->household->zone()), $this->today);
    }

    public function render(): string
    {
        return 'components.care.task-tile';
    }
}
