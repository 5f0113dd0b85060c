<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Models\Machine;
use App\View\PageData;

/** What TrendsPage::for() hands to its view. */
final readonly class TrendsData extends PageData
{
    /**
     * @param list<array{string, string, string}> $instruments name, address, what it says
     * @param list<TrendLine> $lines
     * @param list<int> $choices years to look back over
     * @param string $from the first day shown, in words
     */
    public function __construct(
        public Machine $machine,
        public string $head,
        public array $instruments,
        public array $lines,
        public int $years,
        public array $choices,
        public string $from,
    ) {
    }
}
