<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Actions\Logbook\ClearVessel;
use App\Care\Gates\PourGate;
use App\Http\Controllers\Controller;
use App\Http\Requests\UlidRequest;
use App\Models\Machine;
use Illuminate\Http\RedirectResponse;

/** A vessel that was cleared without a round. */
final class ClearingController extends Controller
{
    public function store(UlidRequest $request, Machine $machine, string $vessel, PourGate $judge, ClearVessel $clear): RedirectResponse
    {
        $clear->handle($machine, $this->person($request), $request->ulid(), $judge->vessel($machine, $vessel)->id);

        return back()->with('did', __('places/vessels.cleared'))->with('undo', $request->ulid());
    }
}
