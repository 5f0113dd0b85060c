<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use GoodRinse\Core\Cupboard\Cost\Cost;
use GoodRinse\Core\Cupboard\Cost\PriceBook;
use GoodRinse\Core\Cupboard\Cost\Saving;

/** What a household's care has cost, and what for. */
final readonly class CostBook
{
    /**
     * @param list<Cost> $costs
     * @param array<int, float> $bought what was paid for supplies in each year, the latest first
     */
    public function __construct(public array $costs, public PriceBook $prices, public array $bought, public Saving $saving)
    {
    }
}
