<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Care\MachineCare;
use App\Care\Readers\CareReader;
use App\Care\Readers\OpenTraces;
use App\Care\RoundComposer;
use App\Care\TaskCare;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\Support\RefusalWords;
use App\View\Pages\Today\TaskLine;
use App\View\Words\ReasonWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\ProcedureSet;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Fraction;
use GoodRinse\Core\Round\Estimate;
use GoodRinse\Core\Round\Expectation;
use Psr\Clock\ClockInterface;

/** What a round can be made of on a machine: everything it may have done, with what is due picked already. */
final readonly class ComposePage
{
    public function __construct(
        private CareReader $care,
        private ClockInterface $clock,
        private Handbook $handbook,
        private ReasonWords $words,
        private RoundComposer $roundComposer,
        private OpenTraces $traces,
    ) {
    }

    /**
     * @param list<string> $picked procedures; those of what is due when empty
     * @param string $part part to do something about; empty for any
     */
    public function for(Machine $machine, Household $household, array $picked, string $part): ComposeData
    {
        $care = $this->care->machine($machine, $household);
        $choices = $this->choices($care, $household);
        $picked = array_values(array_intersect($picked, array_keys($choices)));
        if ([] === $picked) {
            $picked = '' === $part ? $this->due($care) : array_slice($this->about($care, $choices, $part), 0, 1);
        }

        [$together, $conflict] = $this->tried($care, $household, $picked);

        return new ComposeData(
            household: $household,
            machine: $machine,
            kind: $care->kind,
            choices: $choices,
            picked: $picked,
            part: $care->kind->hasPart($part) ? $care->kind->part($part) : null,
            about: '' === $part ? [] : $this->about($care, $choices, $part),
            together: $together,
            conflict: $conflict,
            called: $this->traces->called($machine),
            running: $machine->rounds()->whereNull('ended_at')->get()->filter(static fn (Round $round): bool => $round->isReadable()),
        );
    }

    /** @return array<string, ComposeChoice> by procedure, the most urgent first, then what is done when it is wanted */
    private function choices(MachineCare $care, Household $household): array
    {
        $today = Day::at($this->clock->now(), $household->zone());
        $choices = [];
        foreach (CareReader::byUrgency([$care]) as $task) {
            foreach ($task->procedures() as $id => $name) {
                $choices[$id] ??= new ComposeChoice(
                    $id,
                    $name,
                    new TaskLine($task, $today, $this->words),
                    $care->kind->procedures->procedure($id),
                );
            }
        }
        foreach ($care->onDemand() as $id => $name) {
            $choices[$id] ??= new ComposeChoice($id, $name, null, $care->kind->procedures->procedure($id));
        }

        return $choices;
    }

    /** @return list<string> the fullest procedure of every task that is due or nearly */
    private function due(MachineCare $care): array
    {
        $due = array_filter(CareReader::byUrgency([$care]), static fn (TaskCare $task): bool => $task->isDueOrSoon());
        $ids = array_map(static fn (TaskCare $task): string => $task->fullest(), $due);

        return array_values(array_unique(array_filter($ids, fn (string $id): bool => !$care->kind->procedures->standsAlone($id))));
    }

    /**
     * Procedures that do something with a part.
     *
     * @param array<string, ComposeChoice> $choices
     *
     * @return list<string>
     */
    private function about(MachineCare $care, array $choices, string $part): array
    {
        $own = array_filter($choices, static fn (ComposeChoice $choice): bool => $choice->line?->care->task()->part === $part);
        $with = array_filter($choices, static fn (ComposeChoice $choice): bool => [] === $choice->procedure->runs
            && [] !== array_filter($choice->procedure->steps, static fn (Step $step): bool => $step->part === $part));

        return array_keys($own + $with);
    }

    /**
     * @param list<string> $picked
     *
     * @return array{CombinedRound|null, string|null}
     *what comes of it, or why it cannot be
     */
    private function tried(MachineCare $care, Household $household, array $picked): array
    {
        try {
            return [$this->together($care, $household, $picked), null];
        } catch (OrderConflict $e) {
            return [null, RefusalWords::of($e)];
        }
    }

    /**
     * What comes of doing the picked ones together.
     *
     * @param list<string> $picked
     */
    private function together(MachineCare $care, Household $household, array $picked): ?CombinedRound
    {
        if ([] === $picked) {
            return null;
        }
        $parts = array_filter(
            array_map(
                fn (string $id): ?Procedure => $this->roundComposer
                    ->procedure($care->machine, $household, $care->kind, ProcedureSet::of($id))
                    ->procedure,
                $picked,
            ),
        );
        $whole = $this->roundComposer->procedure($care->machine, $household, $care->kind, ProcedureSet::from($picked))->procedure;
        if (null === $whole) {
            return null;
        }
        $blocked = array_map(Fraction::of(...), $care->blockedNow());
        $estimate = fn (Procedure $procedure): Estimate => Estimate::of($procedure, Expectation::of($procedure, $this->handbook, $blocked));
        $steps = array_sum(array_map(static fn (Procedure $procedure): int => count($procedure->steps), $parts));

        return new CombinedRound(
            $estimate($whole),
            array_sum(array_map(static fn (Procedure $procedure): float => $estimate($procedure)->hands->value, $parts)),
            max(0, $steps - count($whole->steps)),
        );
    }
}
