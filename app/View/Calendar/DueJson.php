<?php

declare(strict_types=1);

namespace App\View\Calendar;

use App\Care\Readers\CareReader;
use App\Models\Household;
use App\View\Pages\Today\TaskLine;
use App\View\Words\HouseMeasures;
use App\View\Words\ReasonWords;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** Every care task of a household with when it is due and why, as Today says it. */
final readonly class DueJson
{
    public function __construct(
        private CareReader $care,
        private ReasonWords $words,
        private HouseMeasures $measures,
        private ClockInterface $clock,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(Household $household): array
    {
        return $this->measures->during($household->measures, function () use ($household): array {
            $today = Day::at($this->clock->now(), $household->zone());
            $tasks = [];
            foreach (CareReader::byUrgency($this->care->household($household)) as $task) {
                $line = new TaskLine($task, $today, $this->words);
                $tasks[] = [
                    'machine' => $task->machine->name,
                    'task' => $task->name(),
                    'due' => $task->isDue(),
                    'on' => null === $task->rhythm->dueOn ? null : (string) $task->rhythm->dueOn,
                    'putOff' => $task->isPutOff($today),
                    'when' => $line->when(),
                    'why' => $line->reason(),
                    'wear' => round($task->rhythm->wear, 3),
                    'url' => route('machines.show', [$task->machine, 'task' => $task->id]),
                ];
            }

            return ['household' => $household->name, 'today' => (string) $today, 'tasks' => $tasks];
        });
    }
}
