<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use App\Actions\Rounds\RefreshRounds;
use App\Models\Machine;
use App\Models\User;
use GoodRinse\Core\Apart\ComesOffOrder;
use GoodRinse\Core\Apart\OwnWay;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Handbook\Order\OrderConflict;
use Illuminate\Support\Facades\DB;

/** Keeps how a part comes off a machine, where it is not as the handbook has it. */
final readonly class ChangeRemoval
{
    public function __construct(private RefreshRounds $follow, private Handbook $handbook)
    {
    }

    /**
     * @param array<string, string> $traits of the machine that are set right with it
     *
     * @throws OrderConflict when parts would wait for each other, naming them
     */
    public function handle(Machine $machine, User $by, string $part, OwnWay $own, array $traits): void
    {
        DB::transaction(function () use ($machine, $by, $part, $own, $traits): void {
            $machine->refresh();
            $apart = array_diff_key($machine->apart ?? [], [$part => 0]);
            $machine->update([
                'apart' => $own->isEmpty() ? $apart : [$part => $own->toArray()] + $apart,
                'traits' => [...$machine->traits, ...$traits],
            ]);
            (new ComesOffOrder($machine->kindIn($this->handbook), $machine->traits, $machine->ownWays()))->check($part);
            $this->follow->handle($machine, $by);
        });
    }
}
