<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\Models\Household;
use App\View\PageData;
use GoodRinse\Core\Quantity\Day;

/** What ShoppingPage::for() hands to its view. */
final readonly class ShoppingData extends PageData
{
    /**
     * @param string $stamp changes with the list
     * @param list<ShoppingItem> $items to buy
     * @param list<ShoppingItem> $unsure that nobody has looked for yet
     * @param array<string, string> $basket what was bought today, in words, by the id of its entry
     * @param string|null $total what it comes to; null where no price is known
     * @param array<string, string> $names of all supplies, by id
     */
    public function __construct(
        public Household $household,
        public Day $today,
        public string $stamp,
        public string $head,
        public string $lead,
        public array $items,
        public array $unsure,
        public array $basket,
        public ?string $total,
        public array $names,
    ) {
    }
}
