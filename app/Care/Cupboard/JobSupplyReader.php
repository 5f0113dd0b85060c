<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Care\MachineCare;
use App\Care\ProcedureExpectation;
use App\Care\RoundComposer;
use App\Models\Household;
use GoodRinse\Core\Chemistry\ProcedureGuard;
use GoodRinse\Core\Chemistry\VesselState;
use GoodRinse\Core\Cupboard\Substitutes;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Round\Estimate;

/** Reads what a procedure pours, fits and needs within reach on a machine as it stands, with what is expected to be found. */
final readonly class JobSupplyReader
{
    public function __construct(private RoundComposer $composer, private Handbook $handbook)
    {
    }

    public function of(MachineCare $care, string $procedure, Household $household): JobSupplies
    {
        $expected = $this->expected($care, $procedure, $household);
        $poured = $fitted = $tools = [];
        foreach (self::steps($expected) as $step) {
            foreach ($step->amounts as $amount) {
                $unit = $amount->portion->unit->value;
                $poured[$amount->agent][$unit] = ($poured[$amount->agent][$unit] ?? 0.0) + $amount->portion->count;
            }
            if (null !== $step->fits) {
                $fitted[$step->fits] = ($fitted[$step->fits] ?? 0) + 1;
            }
            array_push($tools, ...$step->tools);
        }

        return new JobSupplies(
            $poured,
            $fitted,
            array_values(array_unique($tools)),
            count(array_filter(self::steps($expected), static fn (Step $step): bool => $step->runsTheMachine())),
            null === $expected ? 0.0 : Estimate::of($expected->procedure, $expected->answers)->hands->value,
        );
    }

    /** @return array<string, Portion> what else would do for an agent in that job, by agent; nothing speaks against any of them */
    public function substitutes(MachineCare $care, string $procedure, string $agent, Household $household): array
    {
        $rules = $this->handbook->chemistry();
        $model = $this->handbook->doseModel();
        [$guard, $substitutes] = [new ProcedureGuard($rules), new Substitutes($model, $rules)];
        $strengths = array_fill_keys($model->vinegars(), $household->vinegar_strength);
        $found = null;
        foreach (self::steps($this->expected($care, $procedure, $household)) as $step) {
            foreach ($step->amounts as $amount) {
                if ($amount->agent !== $agent) {
                    continue;
                }
                $state = new VesselState(
                    $rules->vesselId($amount->vessel),
                    $guard->surfaces($care->kind, $step, $amount, $care->machine->traits),
                );
                $here = $substitutes->of($amount, $state, $household->harsh_chemicals, $strengths);
                // What stands in has to do so in every step.
                $found = null === $found ? $here : array_intersect_key($found, $here);
                foreach ($found as $other => $portion) {
                    $found[$other] = $portion === $here[$other] ? $portion : $portion->plus($here[$other]);
                }
            }
        }

        return $found ?? [];
    }

    private function expected(MachineCare $care, string $procedure, Household $household): ?ProcedureExpectation
    {
        try {
            return $this->composer->expected($care, $household, [$procedure]);
        } catch (OrderConflict) {
            return null;
        }
    }

    /** @return list<Step> that are likely to be done */
    private static function steps(?ProcedureExpectation $expected): array
    {
        return array_values(array_filter(
            $expected->procedure->steps ?? [],
            static fn (Step $step): bool => $step->if->holds($expected->answers ?? []),
        ));
    }
}
