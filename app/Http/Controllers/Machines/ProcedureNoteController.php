<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Machines\NoteProcedure;
use App\Http\Controllers\Controller;
use App\Http\Requests\Machines\ProcedureNoteRequest;
use App\Models\Machine;
use Illuminate\Http\RedirectResponse;

/** What a household wants to remember of a procedure on one machine. */
final class ProcedureNoteController extends Controller
{
    public function update(ProcedureNoteRequest $request, Machine $machine, NoteProcedure $keep): RedirectResponse
    {
        $keep->handle($machine, $request->procedure(), $request->note());

        return redirect()->route('handbook.procedure', [$machine->kind, $request->procedure(), 'machine' => $machine->id])->with(
            'did',
            __('' === $request->note() ? 'machines.note_gone' : 'machines.note_kept'),
        );
    }
}
