<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Models\Household;

/** Changes a household's name, time zone, measures, water and rules. */
final readonly class ChangeHousehold
{
    public function handle(Household $household, HouseholdSettings $settings): void
    {
        $household->update([
            'name' => $settings->name,
            'timezone' => $settings->timezone,
            'measures' => $settings->measures,
            'hardness' => $settings->hardness,
            'hardness_unit' => $settings->hardnessUnit,
            'vinegar_strength' => $settings->vinegarStrength,
            'harsh_chemicals' => $settings->harshChemicals,
            'hour_value' => $settings->hourValue,
            'call_fee' => $settings->callFee,
            'currency' => $settings->currency,
        ]);
    }
}
