<?php

declare(strict_types=1);

namespace GoodRinse\Core\Rhythm;

use GoodRinse\Core\Quantity\Day;
use GoodRinse\Core\Quantity\Hardness;

/** What a household says about a machine that its rhythms start from. */
final readonly class CareSettings
{
    /**
     * @param array<string, string|float> $habits how the household uses the machine
     * @param string|null $school chosen for the task; null for the handbook's
     * @param Hardness|null $hardness of the water; null when nobody knows
     * @param float|null $litresPerUse heated, above 0; null where it does not matter
     * @param Day|null $since the machine is known; clocks of what was never done run from here
     * @param OwnRhythm $own what the household wants of the rhythm
     */
    public function __construct(
        public array $habits,
        public ?string $school = null,
        public ?Hardness $hardness = null,
        public ?float $litresPerUse = null,
        public ?Day $since = null,
        public OwnRhythm $own = new OwnRhythm(),
    ) {
    }
}
