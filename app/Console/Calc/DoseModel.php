<?php

declare(strict_types=1);

namespace App\Console\Calc;

use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Dose\NoCapacity;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Hardness;

/** How much lime there is and what a dose takes away: `calc dose`. */
final readonly class DoseModel implements Model
{
    private Descaling $descaling;

    public function __construct(Handbook $handbook)
    {
        $this->descaling = new Descaling($handbook->doseModel());
    }

    public function calculate(Json $input): array
    {
        $in = $input->object(['hardness', 'litres', 'brewLitres', 'dose', 'vesselMl']);
        $hardness = $this->hardness($in['hardness']);
        $scale = $this->descaling->scaleGrams($hardness, $in['litres']->number(0));
        $brewLitres = $in['brewLitres']->positive();
        $capacity = $this->capacity($in['dose'], $in['vesselMl']->positive());

        return [
            'hardnessMgL' => $hardness->mgPerLitre,
            'scaleGrams' => $scale,
            'capacityGrams' => $capacity,
            'passes' => $this->descaling->passes($scale, $capacity),
            'brewLimit' => $this->descaling->brewLimit($hardness, $brewLitres),
            'standMinutes' => $this->descaling->stand($scale)->value,
            'usualBrews' => $this->descaling->usualBrews(),
        ];
    }

    private function hardness(Json $place): Hardness
    {
        $in = $place->object(['value', 'unit']);
        try {
            return $this->descaling->hardness($in['value']->number(0), $in['unit']->text());
        } catch (NoCapacity $e) {
            throw $in['unit']->bad($e->getMessage().' There is: '.implode(', ', $this->descaling->hardnessUnits()));
        }
    }

    private function capacity(Json $place, float $vesselMl): float
    {
        $in = $place->object($place->has('grams') ? ['agent', 'grams'] : ['agent', 'strength', 'ml']);
        try {
            return isset($in['grams'])
                ? $this->aboveNothing($in['grams'], $this->descaling->capacityOfGrams($in['agent']->text(), $in['grams']->positive()))
                : $this->aboveNothing($in['ml'], $this->descaling->capacityOfVolume(
                    $in['agent']->text(),
                    min($in['ml']->positive(), $vesselMl),
                    $this->strength($in['strength']),
                ));
        } catch (NoCapacity $e) {
            throw $in['agent']->bad($e->getMessage());
        }
    }

    private function strength(Json $place): float
    {
        $strength = $place->positive();

        return $strength <= 100 ? $strength : throw $place->bad('must be at most 100 %');
    }

    /** So little that it rounds to nothing cannot be divided by. */
    private function aboveNothing(Json $place, float $capacity): float
    {
        return $capacity > 0 ? $capacity : throw $place->bad('is too little to compute with');
    }
}
