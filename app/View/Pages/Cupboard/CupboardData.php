<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\Models\Household;
use App\View\PageData;
use GoodRinse\Core\Quantity\Day;

/** What CupboardPage::for() hands to its view. */
final readonly class CupboardData extends PageData
{
    /**
     * @param array<string, list<SupplyLine>> $shelves what is to be bought, looked at, and lasts; the soonest needed first
     * @param array<string, string> $more names of supplies that nothing is said of, by id
     * @param array<string, string> $units names of all, by id
     * @param string|null $cost of what is to be bought, as far as prices are known
     */
    public function __construct(
        public Household $household,
        public Day $today,
        public string $head,
        public array $shelves,
        public array $more,
        public array $units,
        public ?string $cost,
    ) {
    }
}
