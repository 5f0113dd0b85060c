<?php

declare(strict_types=1);

namespace GoodRinse\Core\Trace;

/** What to try in which order until somebody is called, without looking any further. */
final readonly class RepairPlan
{
    /**
     * @param list<array{Action, float, float}> $steps each with the chance that it helps when it is reached, and the
     *     chance that it is reached
     * @param float $expectedCost of the whole, the call included
     * @param float $callChance chance that somebody has to be called in the end
     */
    public function __construct(public array $steps, public float $expectedCost, public float $callChance)
    {
    }
}
