<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

use GoodRinse\Core\Handbook\Procedure\Step;

/** Steps of one round that are done one after the other without a wait between, or a wait. */
final readonly class Block
{
    /**
     * @param string $round that it belongs to
     * @param list<Step> $steps done in it; empty for a wait
     * @param string|null $wait name of the wait; null for steps
     */
    public function __construct(public Activity $activity, public string $round, public array $steps, public ?string $wait = null)
    {
    }
}
