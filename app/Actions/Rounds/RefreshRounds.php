<?php

declare(strict_types=1);

namespace App\Actions\Rounds;

use App\Care\RoundComposer;
use App\Models\Machine;
use App\Models\Round;
use App\Models\User;

/** What is learned about a machine in the middle of a round counts in that round. */
final readonly class RefreshRounds
{
    public function __construct(private RoundComposer $roundComposer, private ProjectRound $project)
    {
    }

    public function handle(Machine $machine, User $by): void
    {
        foreach ($machine->rounds()->whereNull('ended_at')->get() as $round) {
            $script = $this->roundComposer->script($round->setRelation('machine', $machine), $by->home());
            if (null !== $script) {
                $round->update(['script' => $script]);
                $this->project->handle(Round::query()->with('machine')->findOrFail($round->id), $by);
            }
        }
    }
}
