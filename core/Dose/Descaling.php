<?php

declare(strict_types=1);

namespace GoodRinse\Core\Dose;

use GoodRinse\Core\Handbook\Care\DoseModel;
use GoodRinse\Core\Quantity\Hardness;
use GoodRinse\Core\Quantity\Minutes;

/**
 * How much lime a machine gathers and how much acid takes it away: the front door of this folder.
 *
 * The constants are the handbook's.
 */
final readonly class Descaling
{
    private const SLACK = 1e-9;

    public function __construct(private DoseModel $model)
    {
    }

    /** @return list<string> units that hardness may be given in */
    public function hardnessUnits(): array
    {
        return array_map(strval(...), array_keys($this->model->hardnessUnits));
    }

    /**
     * @param float $value 0 or more, in that unit
     *
     * @throws NoCapacity for a unit the handbook does not have
     */
    public function hardness(float $value, string $unit): Hardness
    {
        return Hardness::in($value, $this->model->hardnessUnits[$unit] ?? throw NoCapacity::unit($unit));
    }

    /**
     * Lime laid down by heating water, in grams of calcium carbonate.
     *
     * @param float $litres heated, 0 or more
     */
    public function scaleGrams(Hardness $hardness, float $litres): float
    {
        return $this->model->deposited * $hardness->mgPerLitre * $litres / 1000;
    }

    /**
     * Lime that a volume of vinegar takes away, in grams of calcium carbonate.
     *
     * @param float $ml poured, 0 or more
     * @param float $strength % acid, w/v
     *
     * @throws NoCapacity for an agent that is not an acid of known strength
     */
    public function capacityOfVolume(string $agent, float $ml, float $strength): float
    {
        $acid = $this->acid($agent);

        return $this->model->efficiency * ($ml * $strength / 100) / $acid['molarMass'] * $this->model->carbonate * $acid['ratio'];
    }

    /**
     * Lime that so many grams of the dry acid take away, in grams of calcium carbonate.
     *
     * @throws NoCapacity for an agent that is not an acid of known strength
     */
    public function capacityOfGrams(string $agent, float $grams): float
    {
        $acid = $this->acid($agent);

        return $this->model->efficiency * $grams / $acid['molarMass'] * $this->model->carbonate * $acid['ratio'];
    }

    /**
     * How often the dose must go through, at least once.
     *
     * @param float $scale grams of lime, 0 or more
     * @param float $capacity grams a dose takes away, above 0
     */
    public function passes(float $scale, float $capacity): float
    {
        return max(1.0, ceil($scale / $capacity - self::SLACK));
    }

    /** Litres brewed from one descaling to the next. */
    public function litreLimit(Hardness $hardness): float
    {
        $limit = $this->model->brewLimit;

        return $hardness->mgPerLitre <= 0
            ? $limit['most']
            : min($limit['most'], max($limit['least'], $limit['litres'] * $limit['hardness'] / $hardness->mgPerLitre));
    }

    /**
     * Brews from one descaling to the next.
     *
     * @param float $litresPerBrew above 0
     */
    public function brewLimit(Hardness $hardness, float $litresPerBrew): float
    {
        return $this->litreLimit($hardness) / $litresPerBrew;
    }

    /** @return array{float, float} brews between descalings that are usual, to hold the limit against */
    public function usualBrews(): array
    {
        return $this->model->usualBrews;
    }

    /**
     * How long the acid stands.
     *
     * @param float $scale grams of lime
     * @param float $slowedBy share by which a pot takes longer than this machine's own normal, 0 when it does not
     */
    public function stand(float $scale, float $slowedBy = 0.0): Minutes
    {
        return Minutes::of($this->isHeavy($scale, $slowedBy) ? $this->model->stand['heavy'] : $this->model->stand['minutes']);
    }

    /** Whether it is so much lime, or the flow so slow, that the acid stands longer. */
    public function isHeavy(float $scale, float $slowedBy = 0.0): bool
    {
        return $scale > $this->model->stand['heavyAboveGrams'] || $slowedBy >= $this->model->stand['slowedBy'] - self::SLACK;
    }

    /** % of the vinegar that recipes are written for. */
    public function recipeStrength(): float
    {
        return $this->model->recipeStrength;
    }

    /**
     * Plain brews that rinse the acid out, at least; more until nothing is smelt.
     *
     * @param float $tank ml the tank holds
     * @param float $rinse ml one rinse sends through, above 0
     */
    public function rinses(float $tank, float $rinse): int
    {
        return (int) ceil($this->model->rinseTanks * $tank / $rinse - self::SLACK);
    }

    /**
     * A recipe's volume of vinegar in a strength that is at hand; never more than the vessel holds, which then
     * takes more passes.
     *
     * @param float $ml as the recipe has it
     * @param float $strength % acid at hand, above 0
     * @param float $vesselMl ml the vessel holds
     */
    public function recipeMl(float $ml, float $strength, float $vesselMl): float
    {
        return min($vesselMl, $ml * $this->model->recipeStrength / $strength);
    }

    /** @return array{molarMass: float, ratio: float, agents: list<string>} */
    private function acid(string $agent): array
    {
        foreach ($this->model->acids as $acid) {
            if (in_array($agent, $acid['agents'], true)) {
                return $acid;
            }
        }

        throw NoCapacity::agent($agent);
    }
}
