<?php

declare(strict_types=1);

namespace App\Care\Cupboard;

use GoodRinse\Core\Cupboard\Package;
use GoodRinse\Core\Cupboard\Stock;
use GoodRinse\Core\Logbook\PartNeedRecord;

/** What the logbook says of a household's cupboard. */
final readonly class StockBook
{
    /**
     * @param array<string, Stock> $stocks of every supply, by id
     * @param array<string, non-empty-list<Package>> $packages by supply, the one that was bought last first
     * @param array<string, int> $wishes packages that somebody put on the list, 0 for what is to be left off it, by supply
     * @param array<string, PartNeedRecord> $needs parts that wait for a new one, by supply
     * @param array<string, int> $turns line of the logbook that last bought each, or took that back
     */
    public function __construct(
        public array $stocks,
        public array $packages,
        public array $wishes,
        public array $needs,
        public array $turns,
    ) {
    }
}
