<?php

declare(strict_types=1);

namespace App\View\Calendar;

use App\Care\Readers\CareReader;
use App\Care\Readers\DueList;
use App\Care\TaskCare;
use App\Models\Household;
use App\View\Pages\Today\TaskLine;
use App\View\Words\HouseMeasures;
use App\View\Words\ReasonWords;
use GoodRinse\Core\Plan\DigestRule;
use GoodRinse\Core\Quantity\Day;
use Psr\Clock\ClockInterface;

/** When care tasks of a household are due and why, as Today says it, for programs and for a person's own device. */
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
                    'on' => null === $task->rhythm()->dueOn ? null : (string) $task->rhythm()->dueOn,
                    'putOff' => $task->isPutOff($today),
                    'when' => $line->when(),
                    'why' => $line->reason(),
                    'wear' => round($task->rhythm()->wear, 3),
                    'url' => route('machines.show', [$task->machine, 'task' => $task->id]),
                ];
            }

            return ['household' => $household->name, 'today' => (string) $today, 'tasks' => $tasks];
        });
    }

    /**
     * What a person's device notifies of: the jobs that are due, at the hour and outside the quiet of the household, as the mail does.
     *
     * @return list<array{id: string, title: string, body: string, path: string}> the most urgent first; the id is that of one
     *     falling due
     */
    public function notices(Household $household): array
    {
        $now = $this->clock->now()->setTimezone($household->zone());
        $rule = new DigestRule($household->digest_hour, $household->quiet_from, $household->quiet_to);
        if (!$rule->isTime((int) $now->format('G'))) {
            return [];
        }
        $today = Day::at($now, $household->zone());
        $due = DueList::of($household, $this->care->household($household), $today)->tasks;

        return $this->measures->during($household->measures, fn (): array => array_map(fn (TaskCare $task): array => [
            'id' => "{$task->machine->id} {$task->task()->id} {$task->rhythm()->dueOn}",
            'title' => (string) __('reminders.notice', ['task' => $task->name(), 'machine' => $task->machine->name]),
            'body' => (new TaskLine($task, $today, $this->words))->reason(),
            'path' => route('machines.show', [$task->machine, 'task' => $task->task()->id], false),
        ], $due));
    }
}
