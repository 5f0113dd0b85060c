<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\Models\Household;
use App\View\PageData;
use GoodRinse\Core\Chemistry\Chart;
use GoodRinse\Core\Handbook\Chemistry\ChemistryRules;
use GoodRinse\Core\Handbook\Handbook;

/** What KeepApartPage::for() hands to its view. */
final readonly class KeepApartData extends PageData
{
    public function __construct(
        public Household $household,
        public Chart $chart,
        public ChemistryRules $rules,
        public Handbook $handbook,
    ) {
    }
}
