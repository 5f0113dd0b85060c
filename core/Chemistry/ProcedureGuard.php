<?php

declare(strict_types=1);

namespace GoodRinse\Core\Chemistry;

use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Procedure\Amount;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Handbook\Procedure\Step;

/**
 * Composes a procedure for a machine so that nothing in it may not be: a step whose agent its surfaces or the
 * household never allow is left out and the one that stands in for it is done; a step whose vessel holds what
 * must not meet its agent gets the clearing before it.
 */
final readonly class ProcedureGuard
{
    private Interlock $interlock;

    public function __construct(private ChemistryRules $rules)
    {
        $this->interlock = new Interlock($rules);
    }

    /**
     * @param Procedure $procedure with the steps the machine's traits call for
     * @param array<string, string> $facts the machine's traits
     * @param array<string, list<Residue>> $residues what each vessel holds now, by vessel
     */
    public function compose(MachineKind $kind, Procedure $procedure, array $facts, bool $allowsHarsh, array $residues = []): GuardResult
    {
        [$steps, $leftOut] = $this->allowed($kind, $procedure, $facts, $allowsHarsh);
        $refused = null;
        foreach ($procedure->essential as $id) {
            $refused ??= $leftOut[$id] ?? null;
        }

        return new GuardResult(
            $steps,
            $leftOut,
            null === $refused ? $this->clearings($kind, $steps, $facts, $allowsHarsh, $residues) : [],
            $refused,
        );
    }

    /**
     * The surfaces an amount meets: the walls of its vessel and the part it is for.
     *
     * @param array<string, string> $facts
     *
     * @return list<string>
     */
    public function surfaces(MachineKind $kind, Step $step, Amount $amount, array $facts): array
    {
        $walls = isset($kind->vessels[$amount->vessel]) ? $kind->vessels[$amount->vessel]->walls($facts) : [];
        $part = null !== $step->part && $kind->hasPart($step->part) ? $kind->part($step->part)->madeOf($facts) : [];

        return array_values(array_unique([...$walls, ...$part]));
    }

    /**
     * @param array<string, string> $facts
     *
     * @return array{list<Step>, array<string, Assessment>}
     */
    private function allowed(MachineKind $kind, Procedure $procedure, array $facts, bool $allowsHarsh): array
    {
        $leftOut = $done = [];
        foreach ($procedure->steps as $step) {
            foreach ($step->amounts as $amount) {
                $found = $this->interlock->assessFresh(
                    $this->rules->vesselId($amount->vessel),
                    $this->surfaces($kind, $step, $amount, $facts),
                    $amount->agent,
                    $allowsHarsh,
                );
                if (Verdict::Never === $found->verdict) {
                    $leftOut[$step->id] = $found;
                }
            }
            if (null !== $step->waitsFor && isset($leftOut[$step->waitsFor])) {
                $leftOut[$step->id] ??= $leftOut[$step->waitsFor];
            }
            if (!isset($leftOut[$step->id])) {
                $done[$step->id] = $step;
            }
        }

        return [
            array_values(array_filter($done, static fn (Step $step): bool => null === $step->inPlaceOf || !isset($done[$step->inPlaceOf]))),
            $leftOut,
        ];
    }

    /**
     * Walks the steps as they will be done. What an earlier step pours counts unless the answers that lead to
     * the two steps exclude each other; what an earlier step clears counts only when it is surely done.
     *
     * @param list<Step> $steps
     * @param array<string, string> $facts
     * @param array<string, list<Residue>> $residues
     *
     * @return array<string, list<array<string, mixed>>>
     */
    private function clearings(MachineKind $kind, array $steps, array $facts, bool $allowsHarsh, array $residues): array
    {
        $clearing = [];
        $poured = new VesselContents($residues);
        foreach ($steps as $step) {
            foreach ($step->amounts as $amount) {
                $vessel = $this->rules->vesselId($amount->vessel);
                $state = new VesselState($vessel, $this->surfaces($kind, $step, $amount, $facts), $poured->beside($vessel, $step));
                if (Verdict::ClearFirst === $this->interlock->assess($state, $amount->agent, $allowsHarsh)->verdict) {
                    $clearing[$step->id] = [
                        ...$clearing[$step->id] ?? [],
                        ...$this->clearingSteps($vessel, $step, $amount->agent, $state->residues),
                    ];
                    $poured->clear($vessel, $step);
                }
                if ($this->rules->agent($amount->agent)->staysIn($vessel)) {
                    $poured->pour($vessel, $step, $amount->agent);
                }
            }
            if (null !== $step->clears) {
                $vessel = $this->rules->vesselId($step->clears->vessel);
                if (in_array($step->clears->by, $this->rules->vessel($vessel)->clearedBy, true)) {
                    $poured->clear($vessel, $step);
                }
            }
        }

        return $clearing;
    }

    /**
     * One step, or where the machine does it two: starting it, and having seen it end.
     *
     * @param list<Residue> $residues what is in the vessel
     *
     * @return non-empty-list<array<string, mixed>>
     */
    private function clearingSteps(string $id, Step $before, string $agent, array $residues): array
    {
        $vessel = $this->rules->vessel($id);
        $under = [] === $before->if->sets ? [] : ['if' => $before->if->sets];
        $known = array_values(array_filter($residues, static fn (Residue $residue): bool => null !== $residue->entry));
        $because = ['because' => [
            'agent' => $agent,
            'entries' => array_map(static fn (Residue $residue): array => ['agent' => $residue->agent, 'entry' => $residue->entry], $known),
        ]];
        $step = ['id' => self::stepId("clear-$id-$before->id")] + $vessel->step + $under + $because;
        if (!isset($step['timer'])) {
            return [$step];
        }
        $ended = [
            'id' => self::stepId("cleared-$id-$before->id"),
            'title' => "$vessel->done.",
            'hands' => 0.5,
            'waitsFor' => $step['id'],
        ] + array_diff_key($step, ['timer' => 0, 'id' => 0]);
        unset($step['clears']);

        return [$step, $ended];
    }

    private static function stepId(string $id): string
    {
        return rtrim(substr($id, 0, 40), '-');
    }
}
