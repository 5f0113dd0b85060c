<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\Models\Household;
use GoodRinse\Core\Chemistry\Chart;
use GoodRinse\Core\Handbook\Handbook;

/** The keep-apart chart. */
final readonly class KeepApartPage
{
    public function __construct(private Handbook $handbook)
    {
    }

    public function for(Household $household): KeepApartData
    {
        $rules = $this->handbook->chemistry();

        return new KeepApartData(
            household: $household,
            chart: new Chart($rules, $household->harsh_chemicals),
            rules: $rules,
            handbook: $this->handbook,
        );
    }
}
