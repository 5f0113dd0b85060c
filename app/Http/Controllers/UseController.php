<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CountUse;
use App\Http\Requests\UseRequest;
use App\Models\Machine;
use Illuminate\Http\RedirectResponse;

/** One more load, or about how many there were. */
final class UseController extends Controller
{
    public function store(UseRequest $request, Machine $machine, CountUse $count): RedirectResponse
    {
        $told = $request->filled('uses');
        $count->handle($machine, $this->person($request), $request->ulid(), $told ? $request->float('uses') : 1.0, $told ? $request->integer('over') : null);

        return back()->with('did', __($told ? 'machines.told' : 'machines.counted', ['name' => $machine->name]))->with('undo', $request->ulid());
    }
}
