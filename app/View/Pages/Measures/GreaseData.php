<?php

declare(strict_types=1);

namespace App\View\Pages\Measures;

use App\Models\Machine;
use App\View\PageData;

/** What GreasePage::for() hands to its view. */
final readonly class GreaseData extends PageData
{
    /**
     * @param list<string> $sentences what weighing has shown
     * @param list<array{string, string, string}> $washes day, grams that were on it, and grams an hour; the newest first
     * @param string $unit that weights are written in
     * @param string|null $doubt what is odd about the weight that was sent, as a question
     */
    public function __construct(
        public Machine $machine,
        public string $head,
        public array $sentences,
        public array $washes,
        public string $unit,
        public ?string $doubt,
    ) {
    }
}
