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
     * @param float|null $price of a new one, above 0; null with the others to leave it out
     * @param float|null $lasts years that a new one lasts, above 0
     * @param float|null $left years that this one has left, 0 or more
     */
    public function worth(Machine $machine, ?float $price, ?float $lasts, ?float $left): void
    {
        $all = null !== $price && null !== $lasts && null !== $left;
        $machine->update(['worth' => $all ? ['price' => $price, 'lasts' => $lasts, 'left' => $left] : null]);
    }
}
