<?php

declare(strict_types=1);

namespace GoodRinse\Core\Round;

use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Dose\NoCapacity;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\MachineKind;
use GoodRinse\Core\Handbook\Procedure\Procedure;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;

/** How much lime a descaling meets on a machine, and what its acid can do about it. */
final readonly class LimeLoad
{
    private Descaling $descaling;

    public function __construct(private Handbook $handbook)
    {
        $this->descaling = new Descaling($handbook->doseModel());
    }

    /**
     * How much lime a procedure meets, by the uses since its own task was last done.
     *
     * @return array<string, string>
     */
    public function facts(MachineKind $kind, Procedure $procedure, Circumstances $here): array
    {
        $litres = $kind->litresPerUse($here->traits);
        if (null === $litres || null === $here->hardness) {
            return Handbook::FACTS;
        }
        $scale = $here->limeShare * $this->descaling->scaleGrams(
            $here->hardness,
            $litres * ($here->usesSince[$kind->taskOf($procedure->id)->id ?? ''] ?? 0.0),
        );
        $capacity = $this->capacity($procedure, $here);

        return [
            'scale' => $this->descaling->isHeavy($scale, $here->slowedBy) ? 'heavy' : 'light',
            'passes' => null !== $capacity && $this->descaling->passes($scale, $capacity) > 1 ? 'more' : 'one',
        ];
    }

    /** Grams of lime that the first dose of acid in the procedure takes away; null when it has none. */
    private function capacity(Procedure $procedure, Circumstances $here): ?float
    {
        foreach ($procedure->steps as $step) {
            foreach ($step->amounts as $amount) {
                $grams = $this->capacityOf($amount->agent, $amount->portion, $here);
                if (null !== $grams && $grams > 0) {
                    return $grams;
                }
            }
        }

        return null;
    }

    private function capacityOf(string $agent, Portion $portion, Circumstances $here): ?float
    {
        try {
            return match ($portion->unit) {
                PortionUnit::Millilitres => $this->descaling->capacityOfVolume(
                    $agent,
                    $portion->count,
                    $this->strengths($here)[$agent] ?? $this->descaling->recipeStrength(),
                ),
                PortionUnit::Grams => $this->descaling->capacityOfGrams($agent, $portion->count),
                PortionUnit::Pieces => null,
            };
        } catch (NoCapacity) {
            return null;
        }
    }

    /** @return array<string, float> % of every agent that has a strength */
    public function strengths(Circumstances $here): array
    {
        $strengths = $here->strengths;
        foreach ($this->handbook->chemistry()->agents as $agent) {
            if ([] !== $agent->strengths) {
                $strengths[$agent->id] ??= $agent->strengths[0];
            }
        }

        return $strengths;
    }

    /**
     * How many times as much of each agent gives what a recipe of the usual strength gives.
     *
     * @return array<string, float>
     */
    public function shares(Circumstances $here): array
    {
        return array_map(fn (float $strength): float => $this->descaling->recipeMl(1.0, $strength, INF), $this->strengths($here));
    }
}
