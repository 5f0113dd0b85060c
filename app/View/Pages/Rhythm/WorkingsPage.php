<?php

declare(strict_types=1);

namespace App\View\Pages\Rhythm;

use App\Care\CoreInputs;
use App\Care\Readers\CareReader;
use App\Care\Readers\HistoryReader;
use App\Care\RhythmCalculator;
use App\Models\Household;
use App\Models\Machine;
use App\View\Pages\Today\TaskLine;
use App\View\Words\ReasonWords;
use App\View\Words\StartWords;
use App\View\Words\WorkingWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Rhythm\Workings;
use Psr\Clock\ClockInterface;

/** The arithmetic behind a task's date, line by line. */
final readonly class WorkingsPage
{
    public function __construct(
        private CareReader $care,
        private HistoryReader $histories,
        private CoreInputs $inputs,
        private RhythmCalculator $calculator,
        private ClockInterface $clock,
        private Handbook $handbook,
        private ReasonWords $words,
        private StartWords $starts,
        private WorkingWords $workings,
    ) {
    }

    public function for(Machine $machine, Household $household, string $id): WorkingsData
    {
        $now = $this->clock->now();
        $today = Day::at($now, $household->zone());
        $care = $this->care->machine($machine, $household);
        $task = $care->tasks[$id] ?? null;
        [$history] = $this->histories->read($machine, $household->zone(), $now);
        $rhythm = null === $task ? null : $this->calculator->rhythm($machine, $household, $task->task(), $history, $today);
        if (null === $task || null === $rhythm) {
            throw UnknownEntry::named('care task on a clock', $id);
        }

        $clocks = $this->calculator->workings($rhythm, $history, $task->task(), $today);
        usort(
            $clocks,
            static fn (Workings $a, Workings $b): int => ($b->reading === $rhythm->deciding) <=> ($a->reading === $rhythm->deciding),
        );

        return new WorkingsData(
            household: $household,
            today: $today,
            facts: CareFacts::of($task, $rhythm),
            line: new TaskLine($task, $today, $this->words),
            start: $this->starts->sentence($task->start(), $task->task(), $machine, $care->kind),
            clocks: array_map(fn (Workings $each): array => [
                'reading' => $each->reading,
                'decides' => $each->reading === $rhythm->deciding,
                'steps' => $this->workings->steps($each, $this->handbook->rhythmModel(), $today, $task->scale()),
                'sums' => $this->workings->sums($each, $history, $task, $today),
            ], $clocks),
            model: $this->handbook->rhythmModel(),
            own: $this->inputs->ownRhythm($machine, $id),
            ours: $machine->ownTasks()->task($id),
        );
    }
}
