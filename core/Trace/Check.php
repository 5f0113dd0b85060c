<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

/** Something that can be looked at, with how likely each result is under each cause. */
final readonly class Check
{
    /**
     * @param float $cost 0 or more, in the unit of the call's fee
     * @param array<string, array<int, float>> $results chance of each result by the place of the cause, 0 to 1; a cause
     *     that is not named counts 0
     * @param bool $hazard whether it rules out that somebody is hurt, and so comes first
     */
    public function __construct(public string $id, public float $cost, public array $results, public bool $hazard = false)
    {
    }
}
