<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use App\Care\MachineCare;
use App\Care\ProcedureExpectation;
use App\Care\RoundComposer;
use App\Models\Household;
use GoodRinse\Core\Chemistry\ProcedureGuard;
use GoodRinse\Core\Chemistry\VesselState;
use GoodRinse\Core\Cupboard\JobSupplies;
use GoodRinse\Core\Cupboard\Substitutes;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use GoodRinse\Core\Quantity\Portion;

/** Reads what a procedure pours, fits and needs within reach on a machine as it stands, with what is expected to be found. */
final readonly class JobSupplyReader
{
    public function __construct(private RoundComposer $composer, private Handbook $handbook)
    {
    }

    public function of(MachineCare $care, string $procedure, Household $household): JobSupplies
    {
        $expected = $this->expected($care, $procedure, $household);

        return null === $expected ? new JobSupplies() : JobSupplies::of($expected->procedure, $expected->answers);
    }

    /** @return array<string, Portion> what else would do for an agent in that job, by agent; nothing speaks against any of them */
    public function substitutes(MachineCare $care, string $procedure, string $agent, Household $household): array
    {
        $rules = $this->handbook->chemistry();
        $model = $this->handbook->doseModel();
        [$guard, $substitutes] = [new ProcedureGuard($rules), new Substitutes($model, $rules)];
        $strengths = array_fill_keys($model->vinegars(), $household->vinegar_strength);
        $found = null;
        $expected = $this->expected($care, $procedure, $household);
        foreach (null === $expected ? [] : JobSupplies::steps($expected->procedure, $expected->answers) as $step) {
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
}
