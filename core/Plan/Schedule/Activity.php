<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/** A step of a plan: how long it takes, without a break, and what it takes up meanwhile. */
final readonly class Activity
{
    /**
     * @param float $minutes 0 or more
     * @param list<string> $needs resources of which there is one each: hands, the sink, a machine
     * @param list<string> $anyOf resources of which it needs one, whichever: two people's hands
     * @param bool $isCounted whether the plan is done only when it is; not so for what only takes up a resource
     *
     * @throws InvalidPlan for less than no time
     */
    public function __construct(
        public string $id,
        public float $minutes,
        public array $needs = [],
        public array $anyOf = [],
        public bool $isCounted = true,
    ) {
        if ($minutes < 0 || !is_finite($minutes)) {
            throw InvalidPlan::duration($id);
        }
    }

    /** The same, given to one of those that could do it. */
    public function by(string $resource): self
    {
        return new self($this->id, $this->minutes, [...$this->needs, $resource], [], $this->isCounted);
    }
}
