<?php

declare(strict_types=1);

namespace App\Actions\Household;

use GoodRinse\Core\Quantity\Measures;

/** What a household says of itself. */
final readonly class HouseholdSettings
{
    /**
     * @param float|null $hardness of its water in that unit; null when nobody knows
     * @param float $vinegarStrength % of the vinegar it buys
     * @param float $hourValue what an hour of a person's time is worth, in its money
     * @param float $callFee what it costs to have somebody come
     * @param string|null $currency sign of its money
     */
    public function __construct(
        public string $name,
        public string $timezone,
        public Measures $measures,
        public ?float $hardness,
        public string $hardnessUnit,
        public float $vinegarStrength,
        public bool $harshChemicals,
        public float $hourValue,
        public float $callFee,
        public ?string $currency,
    ) {
    }
}
