<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Models\Household;
use GoodRinse\Core\Quantity\Measures;

/** Changes a household's name, time zone, measures, water and rules. */
final readonly class ChangeHousehold
{
    /**
     * @param float|null  $hardness        of its water in that unit; null when nobody knows
     * @param float       $vinegarStrength % of the vinegar it buys
     * @param float       $hourValue       what an hour of a person's time is worth, in its money
     * @param float       $callFee         what it costs to have somebody come
     * @param string|null $currency        sign of its money
     */
    public function handle(
        Household $household,
        string $name,
        string $timezone,
        Measures $measures,
        ?float $hardness,
        string $hardnessUnit,
        float $vinegarStrength,
        bool $harshChemicals,
        float $hourValue = 15.0,
        float $callFee = 120.0,
        ?string $currency = null,
    ): void {
        $household->update([
            'name' => $name,
            'timezone' => $timezone,
            'measures' => $measures,
            'hardness' => $hardness,
            'hardness_unit' => $hardnessUnit,
            'vinegar_strength' => $vinegarStrength,
            'harsh_chemicals' => $harshChemicals,
            'hour_value' => $hourValue,
            'call_fee' => $callFee,
            'currency' => $currency,
        ]);
    }
}
