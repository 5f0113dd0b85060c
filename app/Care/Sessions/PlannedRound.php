<?php

declare(strict_types=1);

namespace App\Care\Sessions;

use App\Models\Machine;
use GoodRinse\Core\Plan\Rounds\RoundBlocks;
use GoodRinse\Core\Round\Estimate;

/** One machine's jobs as one round, before anything else stands beside it. */
final readonly class PlannedRound
{
    /** @param RoundBlocks|null $blocks null when the jobs cannot be one round */
    public function __construct(
        public Machine $machine,
        public ?RoundBlocks $blocks,
        public ?Estimate $estimate,
        public string $conflict = '',
    ) {
    }
}
