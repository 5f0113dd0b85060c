<?php

declare(strict_types=1);

namespace App\View\Pages\Handbook;

use App\Models\Household;
use App\View\PageData;
use GoodRinse\Core\Chemistry\AgentGroup;
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

    /** @return list<string> heads of the columns, a group of several by its sample */
    public function columns(): array
    {
        return array_map(
            static fn (AgentGroup $group): string => $group->sample()->name.([] === $group->others() ? '' : ' …'),
            $this->chart->groups,
        );
    }
}
