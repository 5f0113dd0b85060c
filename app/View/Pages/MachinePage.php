<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Care\CareReader;
use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Machine;
use App\View\Drawing\FoulingChart;
use App\View\Words\ReasonWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** What a machine's page shows. */
final readonly class MachinePage
{
    public function __construct(private CareReader $care, private ClockInterface $clock, private Handbook $handbook, private ReasonWords $words)
    {
    }

    /** @return array<string, mixed> */
    public function for(Machine $machine, Household $household): array
    {
        $today = Day::at($this->clock->now(), $household->zone());
        $care = $this->care->machine($machine, $household);

        return [
            'household' => $household,
            'today' => $today,
            'care' => $care,
            'lines' => array_map(fn (TaskCare $task): TaskLine => new TaskLine($task, $today, $this->words), $care->tasks),
            'charts' => array_map(fn (TaskCare $task): FoulingChart => FoulingChart::of($task, $this->handbook, $today), $care->tasks),
            'running' => $machine->rounds()->whereNull('ended_at')->first(),
            'handbook' => $this->handbook,
        ];
    }
}
