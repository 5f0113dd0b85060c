<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use App\Actions\Rounds\RefreshRounds;
use App\Models\Machine;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Keeps one thing that a person has seen of a machine. */
final readonly class RecordTrait
{
    public function __construct(private RefreshRounds $follow)
    {
    }

    /** @param string $value option or number, checked against the handbook */
    public function handle(Machine $machine, User $by, string $trait, string $value): void
    {
        DB::transaction(function () use ($machine, $by, $trait, $value): void {
            $machine->refresh();
            $machine->update(['traits' => [$trait => $value] + $machine->traits]);
            $this->follow->handle($machine, $by);
        });
    }
}
