<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Care\CoreInputs;
use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Trace;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Round\Composer;
use GoodRinse\Core\Trace\Diagnosis;
use GoodRinse\Core\Trace\Evidence;
use GoodRinse\Core\Trace\Machine\CardAccess;
use GoodRinse\Core\Trace\Machine\FaultCase;
use GoodRinse\Core\Trace\Machine\MachineFaults;
use GoodRinse\Core\Trace\Machine\UnexplainedSymptoms;
use GoodRinse\Core\Trace\Prices;
use GoodRinse\Core\Trace\Suspect\SuspectGroup;

/** Reads what a trace comes to, with what the logbook already knows and what was confirmed before. */
final readonly class TraceReader
{
    /** More things noticed than this are looked into as one. */
    private const DIVIDED = 8;

    public function __construct(
        private Handbook $handbook,
        private CareReader $care,
        private FixHistory $fixes,
        private KnownAnswers $known,
        private CoreInputs $inputs,
    ) {
    }

    public function trouble(Machine $machine, Household $household): FaultCatalog
    {
        $minutes = [];
        foreach ($this->care->machine($machine, $household)->tasks as $task) {
            $minutes[$task->fullest()] ??= ceil($task->estimate()->hands->value);
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
        $suspects = $catalog->suspectsOf($trace->noticed());
        $reasons = [];
        foreach ($catalog->actions as $action) {
            if (!$action->servesOneOf($suspects)) {
                continue;
            }
            if (!$action->when->holds($machine->traits)) {
                $reasons[$action->name] = $action->notHere;
            } elseif (null !== $action->procedure && !in_array($action->procedure, $offered, true)) {
                $refused = $composer->compose($machine->kindIn($this->handbook), ProcedureSet::of($action->procedure), $here)->refused;
                $reasons[$action->name] = $refused?->reason;
            }
        }

        if ($catalog->floods->stands($trace->noticed(), $trace->evidence()->answers)) {
            foreach ([...$catalog->checks, ...$catalog->actions] as $card) {
                $reasons += $card->dry && $card->when->holds($machine->traits) && $card->servesOneOf($suspects)
                    ? [$card->name => (string) __('traces.not_in_water')]
                    : [];
            }
        }

        return array_filter($reasons);
    }

    private function catalog(Machine $machine): FaultCatalog
    {
        return $this->handbook->trouble($machine->kind) ?? throw UnknownEntry::named('fault catalog', $machine->kind);
    }

    /** @param bool $before whether it is told as it was before anything was done about it: without what the logbook says now */
    public function read(Trace $trace, Household $household, bool $before = false): Diagnosis
    {
        $machine = $trace->machine;
        $trouble = $this->trouble($machine, $household);
        $known = $before ? [] : $this->known->of($trace, $household, $trouble);
        $noticed = array_values(array_filter($trace->noticed(), static fn (string $id): bool => isset($trouble->symptoms[$id])));
        $case = $this->case($machine, $household, $noticed, $trace->evidence()->answers, !$before, array_column($known, 0));
        try {
            $model = (new MachineFaults($trouble))->model($case);
        } catch (UnexplainedSymptoms) {
            return Diagnosis::unexplained($household->call_fee, $trace->evidence());
        }
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
     * What was noticed, divided by the faults that most likely explain it, the gravest first.
     *
     * @param list<string> $noticed symptoms
     *
     * @return list<list<string>>
     */
    public function groups(Machine $machine, Household $household, array $noticed): array
    {
        if (count($noticed) > self::DIVIDED) {
            return [$noticed];
        }
        $suspects = (new MachineFaults($this->trouble($machine, $household)))->suspects($this->case($machine, $household, $noticed, []));

        return array_map(static fn (SuspectGroup $group): array => $group->symptoms, $suspects->groups());
    }

    /** What has to be opened for the cards of a trace, as its machine stands now. */
    public function access(Trace $trace, Household $household, FaultCatalog $trouble): CardAccess
    {
        $case = $this->case($trace->machine, $household, $trace->noticed(), $trace->evidence()->answers);

        return new CardAccess($trouble, $case);
    }

    /**
     * What is known of a machine's trouble before it is worked out.
     *
     * @param list<string> $noticed symptoms
     * @param list<array{string, string}> $answers check and result
     * @param bool $worn whether the wear of the care tasks counts
     * @param list<string> $known checks that the logbook answers
     */
    private function case(
        Machine $machine,
        Household $household,
        array $noticed,
        array $answers,
        bool $worn = true,
        array $known = [],
    ): FaultCase {
        return new FaultCase(
            $machine->traits,
            new Prices($household->hour_value, $household->call_fee),
            $noticed,
            [],
            $this->fixes->confirmed($machine, $household),
            array_map(
                static fn (TaskCare $task): ?float => $task->neverOpened() ? null : $task->rhythm()->wear,
                $worn ? $this->care->machine($machine, $household)->tasks : [],
            ),
            $answers,
            $known,
        );
    }

    /** The likeliest of the suspects that an action removes; null when it removes none of them. */
    public function causeOf(Trace $trace, Household $household, string $action): ?string
    {
        $fixes = $this->trouble($trace->machine, $household)->actions[$action]->fixes ?? [];
        $best = null;
        $most = 0.0;
        foreach ($this->read($trace, $household, true)->suspects as $cause => $chance) {
            if ($chance * ($fixes[$cause] ?? 0.0) > $most) {
                [$best, $most] = [$cause, $chance * $fixes[$cause]];
            }
        }

        return $best;
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
