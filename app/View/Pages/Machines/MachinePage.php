<?php

declare(strict_types=1);

namespace App\View\Pages\Machines;

use App\Care\Readers\CareReader;
use App\Care\Readers\FixHistory;
use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\View\Drawing\FoulingChart;
use App\View\Pages\Parts\PartNeedLines;
use App\View\Pages\Today\TaskLine;
use App\View\Pages\Vessels\VesselNotices;
use App\View\Words\ReasonWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** What a machine's page shows: how it stands, one care task in full, and the others in a line each. */
final readonly class MachinePage
{
    public function __construct(
        private CareReader $care,
        private ClockInterface $clock,
        private Handbook $handbook,
        private ReasonWords $words,
        private VesselNotices $keepApart,
        private FixHistory $fixes,
        private PartNeedLines $needs,
    ) {
    }

    /**
     * @param string $wanted care task to show in full; the most urgent when empty or not this machine's
     */
    public function for(Machine $machine, Household $household, string $wanted): MachineData
    {
        $today = Day::at($this->clock->now(), $household->zone());
        $care = $this->care->machine($machine, $household);
        $urgent = CareReader::byUrgency([$care]);
        $shown = $care->tasks[$wanted] ?? $urgent[0] ?? null;
        $line = static fn (TaskCare $task, ReasonWords $words): TaskLine => new TaskLine($task, $today, $words);

        return new MachineData(
            household: $household,
            today: $today,
            care: $care,
            lines: array_map(fn (TaskCare $task): TaskLine => $line($task, $this->words), $care->tasks),
            shown: null === $shown ? null : $line($shown, $this->words),
            others: array_map(
                fn (TaskCare $task): TaskLine => $line($task, $this->words),
                array_values(array_filter($urgent, static fn (TaskCare $task): bool => $task !== $shown)),
            ),
            chart: null === $shown ? null : FoulingChart::of($shown, $this->handbook, $today),
            running: $machine->rounds()->whereNull('ended_at')->orderBy('started_at')->get()->filter(
                static fn (Round $round): bool => $round->isReadable(),
            ),
            wanted: $care->onDemand(),
            notices: $this->keepApart->for($household, [$care], $machine),
            needs: $this->needs->for($household, [$care->machine]),
            pourInto: $this->keepApart->pourInto([$care], $household),
            caused: null === $shown ? [] : $this->fixes->causedBy($shown->task()->id, $machine, $household),
            pointed: null !== $shown && [] !== (
                $this->handbook->trouble($machine->kind)?->pointingTo($shown->task()->id, $machine->traits) ?? []
            ),
            handbook: $this->handbook,
        );
    }
}
