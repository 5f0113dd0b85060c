<?php

declare(strict_types=1);

namespace App\Care;

use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Handbook\Care\CareTask;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Logbook\MachineHistory;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Rhythm\Rhythm;
use GoodRinse\Core\Rhythm\RhythmEngine;
use GoodRinse\Core\Rhythm\Signals;
use GoodRinse\Core\Rhythm\StartingInterval;
use GoodRinse\Core\Rhythm\TaskClocks;
use GoodRinse\Core\Rhythm\Workings;

/** Asks the core how a care task of a machine stands; made when something has to be computed anew. */
final class RhythmCalculator
{
    private ?RhythmEngine $engine = null;
    private ?TaskClocks $clocks = null;

    public function __construct(private readonly Handbook $handbook, private readonly CoreInputs $inputs)
    {
    }

    /** Null for a task that follows no clock and that nothing asks for. */
    public function rhythm(Machine $machine, Household $household, CareTask $task, MachineHistory $history, Day $today): ?Rhythm
    {
        $kind = $machine->kindIn($this->handbook);
        $signals = Signals::of(
            $task,
            $history,
            fn (string $symptom): string => $this->symptom($kind, $symptom),
            $this->handbook->doseModel()->stand['slowedBy'],
        );
        $settings = $this->inputs->settings($machine, $household, $task->id);
        if ([] === $signals && !$settings->own->isKept() && $task->school($settings->school, $settings->habits)->isOff()) {
            return null;
        }
        $clocks = $this->clocks()->for($kind, $task, $settings, $history, $today);
        $past = $history->task($task->id);
        $until = null !== $past->snooze && $past->snooze->until->isAfter($today) ? $past->snooze->until : null;
        $lookBy = $past->isEmpty()
            && [] === $signals ? ($settings->since ?? $today)->plus($this->handbook->asking()->lookWithinDays) : null;

        if ([] === $clocks) {
            return null;
        }
        $rhythm = $this->engine()->assess($clocks, $today, $signals, $until, $history->absences, $lookBy);

        return $past->isEmpty() ? $rhythm->expecting(Fraction::of($this->handbook->rhythmModel()->cleanBy)) : $rhythm;
    }

    public function starting(Machine $machine, Household $household, CareTask $task): StartingInterval
    {
        return $this->clocks()->starting(
            $machine->kindIn($this->handbook),
            $task,
            $this->inputs->settings($machine, $household, $task->id),
        );
    }

    /** @return list<Workings> one for each clock of a rhythm that has all its openings */
    public function workings(Rhythm $rhythm, MachineHistory $history, CareTask $task, Day $today): array
    {
        return $this->engine()->workings($rhythm, $history->task($task->id)->openings, $today);
    }

    private function symptom(MachineKind $kind, string $symptom): string
    {
        return $this->handbook->trouble($kind->id)->symptoms[$symptom]->name ?? $symptom;
    }

    private function engine(): RhythmEngine
    {
        return $this->engine ??= new RhythmEngine($this->handbook->rhythmModel());
    }

    private function clocks(): TaskClocks
    {
        return $this->clocks ??= new TaskClocks($this->handbook->doseModel());
    }
}
