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

/** What a person's device notifies of: the jobs that are due, at the hour and outside the quiet of the household, as the mail does. */
final readonly class DueNotices
{
    public function __construct(
        private CareReader $care,
        private ReasonWords $words,
        private HouseMeasures $measures,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return list<array{id: string, title: string, body: string, path: string}> the most urgent first; the id is that of one
     *     falling due
     */
    public function of(Household $household): array
    {
        $now = $this->clock->now()->setTimezone($household->zone());
        $rule = new DigestRule($household->digest_hour, $household->quiet_from, $household->quiet_to);
        if (!$rule->isTime((int) $now->format('G'))) {
            return [];
        }
        $today = Day::at($now, $household->zone());

        return $this->measures->during($household->measures, fn (): array => array_map(fn (TaskCare $task): array => [
            'id' => "{$task->machine->id} {$task->task->id} {$task->rhythm->dueOn}",
            'title' => (string) __('reminders.notice', ['task' => $task->name(), 'machine' => $task->machine->name]),
            'body' => (new TaskLine($task, $today, $this->words))->reason(),
            'path' => route('machines.show', [$task->machine, 'task' => $task->task->id], false),
        ], DueList::of($household, $this->care->household($household), $today)->tasks));
    }
}
