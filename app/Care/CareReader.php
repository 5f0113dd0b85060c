<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Handbook\CareTask;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Rhythm\RhythmEngine;
use GoodRinse\Core\Rhythm\Signal;
use GoodRinse\Core\Rhythm\TaskClocks;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Reads how the machines of a household stand. */
final readonly class CareReader
{
    private RhythmEngine $engine;
    private TaskClocks $clocks;

    public function __construct(private Handbook $handbook, private HistoryReader $histories, private ClockInterface $clock)
    {
        $this->engine = new RhythmEngine($handbook->rhythmModel());
        $this->clocks = new TaskClocks($handbook->rhythmModel());
    }

    /** @return list<MachineCare> by name */
    public function household(Household $household): array
    {
        $machines = $this->withLastEntry($household->machines()->getQuery())->orderBy('name')->get();

        return array_values($machines->map(fn (Machine $machine): MachineCare => $this->read($machine, $household))->all());
    }

    public function machine(Machine $machine, Household $household): MachineCare
    {
        return $this->read($this->withLastEntry(Machine::query())->findOrFail($machine->id), $household);
    }

    /** How a task would stand if its part were opened now and found so, and cleaned. */
    public function ifFound(MachineCare $care, string $task, Fraction $found, Household $household): TaskCare
    {
        $today = Day::at($this->clock->now(), $household->zone());
        $history = $care->history->with($task, $care->history->task($task)->ifOpened($today, $found, Fraction::none()));

        return $this->task($care->machine, $care->kind, $care->kind->task($task), $history, $today);
    }

    /**
     * @param list<MachineCare> $machines
     *
     * @return list<TaskCare> the most urgent first
     */
    public static function byUrgency(array $machines): array
    {
        $tasks = array_merge(...array_map(static fn (MachineCare $care): array => array_values($care->tasks), $machines));
        $lastDay = PHP_INT_MAX;
        usort($tasks, static fn (TaskCare $a, TaskCare $b): int => [$a->rhythm->dueOn->number ?? $lastDay, -$a->rhythm->wear] <=> [$b->rhythm->dueOn->number ?? $lastDay, -$b->rhythm->wear]);

        return $tasks;
    }

    /**
     * @param Builder<Machine> $query
     *
     * @return Builder<Machine>
     */
    private function withLastEntry(Builder $query): Builder
    {
        return $query->select('machines.*')->selectSub(
            DB::table('entries')->select('id')->whereColumn('entries.machine_id', 'machines.id')->orderByDesc('seq')->limit(1),
            'last_entry',
        );
    }

    private function read(Machine $machine, Household $household): MachineCare
    {
        $now = $this->clock->now();
        $kind = $this->handbook->kind($machine->kind);
        $last = $machine->getAttribute('last_entry');
        $history = $this->histories->read($machine, is_string($last) ? $last : '', $household->zone(), $now);
        $today = Day::at($now, $household->zone());

        return new MachineCare($machine, $kind, $history, array_map(
            fn (CareTask $task): TaskCare => $this->task($machine, $kind, $task, $history, $today),
            $kind->tasks,
        ));
    }

    private function task(Machine $machine, MachineKind $kind, CareTask $task, MachineHistory $history, Day $today): TaskCare
    {
        $school = $machine->schools[$task->id] ?? null;
        $past = $history->task($task->id);
        $signals = $past->isEmpty() ? [new Signal(Signal::NEVER_OPENED, $task->id)] : [];
        $rhythm = $this->engine->assess($this->clocks->for($kind, $task, $machine->habits, $school, $history, $today), $today, $signals);

        return new TaskCare($machine, $kind, $task, $past, $rhythm, $this->clocks->startingDays($task, $machine->habits, $school));
    }
}
