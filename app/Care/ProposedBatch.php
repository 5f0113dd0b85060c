<?php

declare(strict_types=1);

namespace App\Care;

use GoodRinse\Core\Plan\Batch;
use GoodRinse\Core\Round\Estimate;

/** What is done in one go on a machine today, and how long it takes. */
final readonly class ProposedBatch
{
    public function __construct(public Batch $batch, public Estimate $estimate)
    {
    }
}
