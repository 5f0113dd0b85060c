<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use App\Actions\Logbook\ActionRefused;
use App\Models\Machine;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Support\Facades\DB;

/**
 * Takes a machine out of the kitchen, or puts it back. Nothing of its history goes; it only stops falling due, and what
 * is written for a machine in use can't be written for it.
 */
final readonly class RetireMachine
{
    /** Ways to part with a machine. */
    public const WAYS = ['sold', 'given', 'replaced', 'broken', 'stored'];

    /** @throws ActionRefused while a round is under way on it */
    public function handle(Machine $machine, string $how, Day $on): void
    {
        DB::transaction(function () use ($machine, $how, $on): void {
            if ($machine->rounds()->whereNull('ended_at')->exists()) {
                throw new ActionRefused((string) __('places/retired.round_open', ['name' => $machine->name]));
            }
            $machine->forceFill(['retired_on' => (string) $on, 'retired_how' => $how])->save();
        });
    }

    public function restore(Machine $machine): void
    {
        $machine->forceFill(['retired_on' => null, 'retired_how' => null])->save();
    }
}
