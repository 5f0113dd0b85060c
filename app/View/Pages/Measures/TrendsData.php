<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Models\Machine;
use App\View\PageData;

/** What TrendsPage::for() hands to its view. */
final readonly class TrendsData extends PageData
{
    public const YEARS = [1, 2, 5, 10];

    /**
     * @param list<array{string, string, string}> $instruments name, address, what it says
     * @param list<TrendLine> $lines
     * @param string $from the first day shown, in words
     */
    public function __construct(
        public Machine $machine,
        public string $head,
        public array $instruments,
        public array $lines,
        public int $years,
        public string $from,
    ) {
    }
}
