<?php

declare(strict_types=1);

namespace App\View\Pages\Rounds;

use App\Models\Household;
use App\Models\Machine;
use App\Models\Round;
use App\View\PageData;

/** What RoundSummaryPage::unreadable() hands to its view. */
final readonly class UnreadableRoundData extends PageData
{
    /**
     * @param list<array{string, string}> $lines words and hour of what was written
     */
    public function __construct(
        public Household $household,
        public Round $round,
        public Machine $machine,
        public array $lines,
    ) {
    }
}
