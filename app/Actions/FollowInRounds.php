<?php

declare(strict_types=1);

namespace App\Actions;

use App\Care\Recompose;
use App\Models\Household;
use App\Models\Machine;

/** What is learned about a machine in the middle of a round counts in that round. */
final readonly class FollowInRounds
{
    public function __construct(private Recompose $recompose)
    {
    }

    public function handle(Machine $machine, Household $household): void
    {
        foreach ($machine->rounds()->whereNull('ended_at')->get() as $round) {
            $script = $this->recompose->script($round->setRelation('machine', $machine), $household);
            if (null !== $script) {
                $round->update(['script' => $script]);
            }
        }
    }
}
