<?php

declare(strict_types=1);

namespace App\Actions\Machines;

use App\Models\Machine;
use Illuminate\Support\Facades\DB;

/** Keeps what a household wants to remember of a procedure on one machine; an empty note is forgotten. */
final readonly class NoteProcedure
{
    public function handle(Machine $machine, string $procedure, string $note): void
    {
        DB::transaction(function () use ($machine, $procedure, $note): void {
            $machine->refresh();
            $others = array_diff_key($machine->procedure_notes ?? [], [$procedure => true]);
            $machine->update(['procedure_notes' => '' === $note ? $others : $others + [$procedure => $note]]);
        });
    }
}
