<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Care\BatchPlanner;
use App\Care\Cache\CachedMachineState;
use App\Care\Cache\CachedTaskState;
use App\Care\CoreInputs;
use App\Care\RhythmCalculator;
use App\Care\TaskDetails;
use App\Models\Household;
use App\Models\Machine;
use GoodRinse\Core\Cupboard\JobSupplies;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Round\Estimate;
use GoodRinse\Core\Round\Expectation;

/** Works out how a machine stands from its whole logbook, as it is then kept. */
final readonly class MachineStateReader
{
    /** Newest openings of each task that are kept for the pages. */
    private const OPENINGS = 8;

    public function __construct(
        private Handbook $handbook,
        private HistoryReader $histories,
        private CoreInputs $inputs,
        private RhythmCalculator $calculator,
    ) {
    }

    /**
     * @param string $stamp of what it follows from
     * @param list<string> $offered ids of the procedures for the machine
     */
    public function read(
        Machine $machine,
        Household $household,
        string $stamp,
        array $offered,
        \DateTimeImmutable $now,
    ): CachedMachineState {
        $kind = $machine->kindIn($this->handbook);
        [$history, $newest] = $this->histories->read($machine, $household->zone(), $now);
        $rhythms = $procedures = $tasks = [];
        $composer = new Composer($this->handbook);
        $today = Day::at($now, $household->zone());
        foreach ($kind->tasksFor($machine->traits) as $id => $task) {
            $rhythm = $this->calculator->rhythm($machine, $household, $task, $history, $today);
            if (null === $rhythm) {
                continue;
            }
            $past = $history->task($id);
            $here = $this->inputs->circumstances($machine, $household, [], [$id => $past->usesSince]);
            $allowed = array_values(array_intersect($task->procedures($machine->traits), $offered));
            $procedure = [] === $allowed ? null : $composer->compose($kind, ProcedureSet::of($allowed[0]), $here)->procedure;
            if (null === $procedure) {
                continue;
            }
            $answers = Expectation::of($procedure, $this->handbook, [$id => $rhythm->blockedNow]);
            $rhythms[$id] = $rhythm->brief();
            $procedures[$id] = $allowed;
            $tasks[$id] = CachedTaskState::pack(
                new TaskDetails(
                    $past->brief(self::OPENINGS),
                    $rhythms[$id],
                    $this->calculator->starting($machine, $household, $task),
                    Estimate::of($procedure, $answers),
                    $allowed,
                    [] !== array_filter($procedure->steps, static fn (Step $step): bool => $step->capture?->of === $id),
                ),
                $past->isEmpty(),
                $rhythm->ahead($today),
                $rhythm->again($today),
                JobSupplies::of($procedure, $answers),
            );
        }
        $here = $this->inputs->circumstances($machine, $household);

        return new CachedMachineState(
            $stamp,
            $newest,
            $history->outline(array_keys($tasks)),
            $tasks,
            $offered,
            (new BatchPlanner($this->handbook))->of($kind, $rhythms, $procedures, $here, $today),
        );
    }
}
