<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Machines\ClaimTask;
use App\Http\Controllers\Controller;
use App\Models\Machine;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Who of a household does a care task. */
final class ClaimController extends Controller
{
    public function store(Request $request, Machine $machine, string $task, ClaimTask $claim): RedirectResponse
    {
        $claim->take($machine, $this->person($request), $task);

        return redirect()->route('today')->with('did', __('today.claimed'));
    }

    public function destroy(Machine $machine, string $task, ClaimTask $claim): RedirectResponse
    {
        $claim->release($machine, $task);

        return redirect()->route('today')->with('did', __('today.released'));
    }
}
