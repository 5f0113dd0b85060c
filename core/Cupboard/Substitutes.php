<?php

declare(strict_types=1);

namespace GoodRinse\Core\Cupboard;

use GoodRinse\Core\Chemistry\Interlock;
use GoodRinse\Core\Chemistry\Verdict;
use GoodRinse\Core\Chemistry\VesselState;
use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Dose\NoCapacity;
use GoodRinse\Core\Handbook\Care\DoseModel;
use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;
use GoodRinse\Core\Handbook\Procedure\Amount;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;

/** What else would do for an acid that is not there: as much of another as takes away the same lime. */
final readonly class Substitutes
{
    private Descaling $doses;
    private Interlock $interlock;

    public function __construct(private DoseModel $model, private ChemistryRules $rules)
    {
        $this->doses = new Descaling($model);
        $this->interlock = new Interlock($rules);
    }

    /**
     * @param VesselState $state what it meets: the walls, and what is in there
     * @param array<string, float> $strengths % of the acids the household buys, by agent
     *
     * @return array<string, Portion> by agent, those that nothing speaks against only
     */
    public function of(Amount $amount, VesselState $state, bool $allowsHarsh, array $strengths = []): array
    {
        $lime = $this->lime($amount->agent, $amount->portion, $amount->strength ?? $this->strength($amount->agent, $strengths));
        $wanted = $this->verdict($state, $amount->agent, $allowsHarsh);
        $found = [];
        if (null === $lime || $lime <= 0.0) {
            return [];
        }
        foreach ($this->model->acids as $acid) {
            foreach ($acid['agents'] as $agent) {
                $portion = $this->portion($agent, $lime, $this->strength($agent, $strengths));
                // What is no worse there than the one that is missing.
                if (null !== $portion && $agent !== $amount->agent
                    && $this->verdict($state, $agent, $allowsHarsh)->severity() <= $wanted->severity()) {
                    $found[$agent] = $portion;
                }
            }
        }

        return $found;
    }

    private function verdict(VesselState $state, string $agent, bool $allowsHarsh): Verdict
    {
        return $this->interlock->assess($state, $agent, $allowsHarsh)->verdict;
    }

    /** Grams of lime that so much of an agent takes away; null where that is not known. */
    private function lime(string $agent, Portion $portion, float $strength): ?float
    {
        try {
            return match ($portion->unit) {
                PortionUnit::Millilitres => $this->doses->capacityOfVolume($agent, $portion->count, $strength),
                PortionUnit::Grams => $this->doses->capacityOfGrams($agent, $portion->count),
                PortionUnit::Pieces => null,
            };
        } catch (NoCapacity) {
            return null;
        }
    }

    private function portion(string $agent, float $lime, float $strength): ?Portion
    {
        $unit = $this->rules->supplies[$agent]->unit ?? null;
        if (null === $unit) {
            return null;
        }
        $one = $this->lime($agent, Portion::of(1, $unit), $strength);

        return null === $one || $one <= 0.0 ? null : Portion::of($lime / $one, $unit);
    }

    /** @param array<string, float> $strengths */
    private function strength(string $agent, array $strengths): float
    {
        return $strengths[$agent] ?? $this->rules->agent($agent)->strengths[0] ?? $this->model->recipeStrength;
    }
}
