<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Household;
use GoodRinse\Core\Quantity\Measures;

/** Changes a household's name, time zone and measures. */
final readonly class ChangeHousehold
{
    public function handle(Household $household, string $name, string $timezone, Measures $measures): void
    {
        $household->update(['name' => $name, 'timezone' => $timezone, 'measures' => $measures]);
    }
}
