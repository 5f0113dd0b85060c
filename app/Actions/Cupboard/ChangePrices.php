<?php

declare(strict_types=1);

namespace App\Actions\Cupboard;

use App\Models\Household;
use App\Models\Machine;

/** Changes what a household's costs are worked out with. */
final readonly class ChangePrices
{
    /**
     * @param float|null $water price of a cubic metre, 0 or more; null to leave it out
     * @param float|null $power price of a kilowatt-hour, 0 or more; null to leave it out
     * @param bool $countsTime whether a person's own time is a cost
     */
    public function prices(Household $household, ?float $water, ?float $power, bool $countsTime): void
    {
        $household->update(['water_price' => $water, 'power_price' => $power, 'counts_time' => $countsTime]);
    }

    /**
     * What a machine would cost anew and what one run of it takes; null for what is left out.
     *
     * @param array{price: float|null, lasts: float|null, left: float|null, litres: float|null, power: float|null} $worth price of a
     *     new one and years it lasts, above 0; years this one has left, litres and kilowatt-hours of one run, 0 or more
     */
    public function worth(Machine $machine, array $worth): void
    {
        $given = array_filter($worth, static fn (?float $each): bool => null !== $each);
        $machine->update(['worth' => [] === $given ? null : $given]);
    }
}
