<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CountUse;
use App\Http\Requests\UlidRequest;
use App\Models\Machine;
use Illuminate\Http\RedirectResponse;

/** One more load. */
final class UseController extends Controller
{
    public function store(UlidRequest $request, Machine $machine, CountUse $count): RedirectResponse
    {
        $count->handle($machine, $this->person($request), $request->ulid());

        return back()->with('did', __('machines.counted', ['name' => $machine->name]))->with('undo', $request->ulid());
    }
}
