<?php

declare(strict_types=1);

namespace App\Care\Readers;

use App\Care\Measures\MeasuredFindings;
use App\Models\Household;
use App\Models\Machine;
use App\Models\Trace;
use GoodRinse\Core\Chemistry\Residue;
use GoodRinse\Core\Handbook\Fault\FaultCatalog;
use GoodRinse\Core\Handbook\Fault\FaultCheck;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;

/** Reads from logbook and vessels what a trace need not ask. */
final readonly class KnownAnswers
{
    public function __construct(
        private Handbook $handbook,
        private CareReader $care,
        private VesselReader $vessels,
        private MeasuredFindings $findings,
    ) {
    }

    /** @return list<array{string, string}> answers that openings of the last days give by themselves */
    public function of(Trace $trace, Household $household, FaultCatalog $trouble): array
    {
        $answered = array_map(static fn (array $step): string => $step['id'], $trace->steps);
        $known = [];
        foreach ($trouble->checks as $check) {
            $result = in_array($check->id, $answered, true)
                ? null
                : $this->fromLogbook($check, $trace, $household)
                    ?? $this->fromMeasures($check, $trace, $household)
                    ?? $this->fromVessels($check, $trace->machine, $household);
            if (null !== $result) {
                $known[] = [$check->id, $result];
            }
        }

        return $known;
    }

    private function fromMeasures(FaultCheck $check, Trace $trace, Household $household): ?string
    {
        if (null === $check->measuredBy || !$check->when->holds($trace->machine->traits)) {
            return null;
        }
        $begun = Day::at($trace->begun_at, $household->zone());

        return $check->measured[$this->findings->of($check->measuredBy, $trace->machine, $household, $begun) ?? ''] ?? null;
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
        if (null === $check->task || null === $check->asOpened || !$check->when->holds($trace->machine->traits)) {
            return null;
        }
        $last = ($this->care->machine($trace->machine, $household)->tasks[$check->task] ?? null)?->history()->last();
        if (
            null === $last
            || $last->symptom
            || !$this->handbook->asking()->isFresh($last->day, Day::at($trace->begun_at, $household->zone()))
        ) {
            return null;
        }

        return $last->left->value >= $this->handbook->rhythmModel()->cleanBy ? $check->asOpened[0] : $check->asOpened[1];
    }
}
