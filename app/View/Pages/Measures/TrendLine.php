<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\View\Drawing\TrendChart;

/** One series as the page shows it. */
final readonly class TrendLine
{
    /**
     * @param string $newest its newest figure with its unit
     * @param string $said how that compares with what is usual
     * @param bool $isUnusual whether it does not
     * @param string $top the upper end of its scale
     * @param list<array{string, string}> $table day and figure, the newest first
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $newest,
        public string $said,
        public bool $isUnusual,
        public TrendChart $chart,
        public string $top,
        public array $table,
    ) {
    }
}
