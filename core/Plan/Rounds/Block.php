<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Rounds;

use GoodRinse\Core\Handbook\Procedure\Step;
use GoodRinse\Core\Plan\Schedule\Activity;

/** Steps of one round that are done one after the other without a wait between, or a wait. */
final readonly class Block
{
    /**
     * @param string $round that it belongs to
     * @param list<Step> $steps done in it; empty for a wait
     * @param string|null $wait name of the wait; null for steps
     * @param string|null $clears what it frees a vessel of so that another round can use it, as an instruction; no step of its round
     * @param bool $isRunning whether it is a wait that has begun
     */
    public function __construct(
        public Activity $activity,
        public string $round,
        public array $steps,
        public ?string $wait = null,
        public ?string $clears = null,
        public bool $isRunning = false,
    ) {
    }

    /** The same, given to one of those that could do it. */
    public function by(string $resource): self
    {
        return new self($this->activity->by($resource), $this->round, $this->steps, $this->wait, $this->clears);
    }
}
