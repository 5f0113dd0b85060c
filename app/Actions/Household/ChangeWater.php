<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Models\Household;

/** Changes how hard a household's water is. */
final readonly class ChangeWater
{
    /** @param float|null $hardness in that unit; null when nobody knows */
    public function handle(Household $household, ?float $hardness, string $unit): void
    {
        $household->update(['hardness' => $hardness, 'hardness_unit' => $unit]);
    }
}
