<?php

declare(strict_types=1);

namespace GoodRinse\Core\Plan\Schedule;

/** A step of a plan: how long it takes, without a break, and what it takes up meanwhile. */
final readonly class Activity
{
    /**
     * @param float $minutes 0 or more
     * @param list<string> $needs resources of which there is one each: hands, the sink, a machine
     *
     * @throws InvalidPlan for less than no time
     */
    public function __construct(public string $id, public float $minutes, public array $needs = [])
    {
        if (!($minutes >= 0) || !is_finite($minutes)) {
            throw InvalidPlan::duration($id);
        }
    }
}
