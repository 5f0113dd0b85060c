<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Care\CoreInputs;
use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Trace;
use GoodRinse\Core\Chemistry\Residue;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Handbook\Fault\FaultCheck;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Trace\Diagnosis;
use GoodRinse\Core\Trace\Evidence;
use GoodRinse\Core\Trace\FaultCase;
use GoodRinse\Core\Trace\MachineFaults;
use GoodRinse\Core\Trace\Prices;

/** Reads what a trace comes to, with what the logbook already knows and what was confirmed before. */
final readonly class TraceReader
{
    public function __construct(
        private Handbook $handbook,
        private CareReader $care,
        private FixHistory $fixes,
        private VesselReader $vessels,
        private CoreInputs $inputs,
    ) {
    }

    public function trouble(Machine $machine, Household $household): FaultCatalog
    {
        $minutes = [];
        foreach ($this->care->machine($machine, $household)->tasks as $task) {
            $minutes[$task->fullest()] ??= ceil($task->estimate->hands->value);
        }

        return $this->catalog($machine)->taking($minutes)->offering($this->care->offered($machine, $household));
    }

    /**
     * What would help and is not offered here, with the reason: rules of the household, or what the machine is made of.
     *
     * @return array<string, string> reasons by the name of what would be done
     */
    public function leftOut(Trace $trace, Household $household): array
    {
        $machine = $trace->machine;
        $catalog = $this->catalog($machine);
        $offered = $this->care->offered($machine, $household);
        $composer = new Composer($this->handbook);
        $here = $this->inputs->circumstances($machine, $household);
        $suspects = [];
        foreach (array_intersect_key($catalog->symptoms, array_flip($trace->noticed())) as $symptom) {
            array_push($suspects, ...$symptom->pointsTo());
        }
        $reasons = [];
        foreach ($catalog->actions as $action) {
            if ([] === array_intersect(array_keys(array_filter($action->fixes)), $suspects)) {
                continue;
            }
            if (!$action->when->holds($machine->traits)) {
                $reasons[$action->name] = $action->notHere;
            } elseif (null !== $action->procedure && !in_array($action->procedure, $offered, true)) {
                $refused = $composer->compose($machine->kindIn($this->handbook), ProcedureSet::of($action->procedure), $here)->refused;
                $reasons[$action->name] = $refused?->reason;
            }
        }

        return array_filter($reasons);
    }

    private function catalog(Machine $machine): FaultCatalog
    {
        return $this->handbook->trouble($machine->kind) ?? throw UnknownEntry::named('fault catalog', $machine->kind);
    }

    public function read(Trace $trace, Household $household): Diagnosis
    {
        $machine = $trace->machine;
        $trouble = $this->trouble($machine, $household);
        $known = $this->knownAnswers($trace, $household, $trouble);
        $noticed = array_values(array_filter($trace->noticed(), static fn (string $id): bool => isset($trouble->symptoms[$id])));
        $model = (new MachineFaults($trouble))->model(
            $this->case($machine, $household, $noticed, [...$known, ...$trace->evidence()->answers]),
        );
        $with = fn (Evidence $evidence): Evidence => new Evidence(
            array_values(
                array_filter([...$known, ...$evidence->answers], static fn (array $answer): bool => self::has($model->checks, $answer)),
            ),
            array_values(array_filter(
                $evidence->failed,
                static fn (string $id): bool => [] !== array_filter($model->actions, static fn ($action): bool => $action->id === $id),
            )),
            $evidence->skipped,
        );

        return Diagnosis::of($model, $with($trace->evidence()), $with($trace->evidence(max(0, count($trace->steps) - 1))));
    }

    /**
     * What is known of a machine's trouble before it is worked out.
     *
     * @param list<string> $noticed symptoms
     * @param list<array{string, string}> $answers check and result
     */
    private function case(Machine $machine, Household $household, array $noticed, array $answers): FaultCase
    {
        return new FaultCase(
            $machine->traits,
            new Prices($household->hour_value, $household->call_fee),
            $noticed,
            [],
            $this->fixes->confirmed($machine, $household),
            array_map(
                static fn (TaskCare $task): ?float => $task->neverOpened() ? null : $task->rhythm->wear,
                $this->care->machine($machine, $household)->tasks,
            ),
            $answers,
        );
    }

    /** The likeliest of the suspects that an action removes; null when it removes none of them. */
    public function causeOf(Trace $trace, Household $household, string $action): ?string
    {
        $fixes = $this->trouble($trace->machine, $household)->actions[$action]->fixes ?? [];
        $best = null;
        $most = 0.0;
        foreach ($this->read($trace, $household)->suspects as $cause => $chance) {
            if ($chance * ($fixes[$cause] ?? 0.0) > $most) {
                [$best, $most] = [$cause, $chance * $fixes[$cause]];
            }
        }

        return $best;
    }

    /** @return list<array{string, string}> answers that openings of the last days give by themselves */
    private function knownAnswers(Trace $trace, Household $household, FaultCatalog $trouble): array
    {
        $answered = array_map(static fn (array $step): string => $step['id'], $trace->steps);
        $known = [];
        foreach ($trouble->checks as $check) {
            $result = in_array($check->id, $answered, true)
                ? null
                : $this->fromLogbook($check, $trace, $household) ?? $this->fromVessels($check, $trace->machine, $household);
            if (null !== $result) {
                $known[] = [$check->id, $result];
            }
        }

        return $known;
    }

    /** The result that something left in a vessel of the machine stands for. */
    private function fromVessels(FaultCheck $check, Machine $machine, Household $household): ?string
    {
        if (null === $check->residue || !$check->when->holds($machine->traits)) {
            return null;
        }
        [$vessel, $result] = $check->residue;
        foreach ($this->vessels->household($household) as $record) {
            if ($record->machine === $machine->id && $record->vessel === $vessel && [] !== array_filter(
                $record->residues,
                fn (Residue $residue): bool => $this->handbook->chemistry()->isReactive($residue->agent),
            )) {
                return $result;
            }
        }

        return null;
    }

    private function fromLogbook(FaultCheck $check, Trace $trace, Household $household): ?string
    {
        if (null === $check->task || null === $check->told || !$check->when->holds($trace->machine->traits)) {
            return null;
        }
        $last = ($this->care->machine($trace->machine, $household)->tasks[$check->task] ?? null)?->history->last();
        if (
            null === $last
            || $last->symptom
            || !$this->handbook->asking()->isFresh($last->day, Day::at($trace->begun_at, $household->zone()))
        ) {
            return null;
        }

        return $last->left->value >= $this->handbook->rhythmModel()->cleanBy ? $check->told[0] : $check->told[1];
    }

    /**
     * Whether the handbook still has a check with that result.
     *
     * @param list<\GoodRinse\Core\Trace\Check> $checks
     * @param array{string, string} $answer
     */
    private static function has(array $checks, array $answer): bool
    {
        foreach ($checks as $check) {
            if ($check->id === $answer[0]) {
                return isset($check->results[$answer[1]]);
            }
        }

        return false;
    }
}
