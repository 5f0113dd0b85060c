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
     * @param int $months that it looks ahead
     * @param list<int> $choices of months
     * @param int $listed things on the shopping list
     * @param list<ShelfPlace> $places
     * @param array<string, list<SupplyLine>> $groups what runs out, is to be looked at, lasts, and the tools; the soonest first
     * @param array<string, string> $more names of supplies that nothing is said of, by id
     * @param array<string, string> $units names of all, by id
     * @param list<string> $placeNames of places that are in use
     */
    public function __construct(
        public Household $household,
        public Day $today,
        public string $head,
        public string $lead,
        public int $months,
        public array $choices,
        public int $listed,
        public array $places,
        public array $groups,
        public array $more,
        public array $units,
        public array $placeNames,
    ) {
    }
}
