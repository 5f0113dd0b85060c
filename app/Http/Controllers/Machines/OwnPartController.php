<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Machines\ChangeOwnParts;
use App\Http\Controllers\Controller;
use App\Http\Requests\Machines\OwnPartRequest;
use App\Models\Machine;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Parts that a household adds to its machine. */
final class OwnPartController extends Controller
{
    public function store(OwnPartRequest $request, Machine $machine, ChangeOwnParts $change): RedirectResponse
    {
        $note = $request->string('note')->trim()->toString();
        $change->add(
            $machine,
            $this->person($request),
            $request->string('name')->trim()->toString(),
            $request->string('in_the_way_of')->toString(),
            $request->pieces(),
            '' === $note ? null : $note,
        );

        return redirect()->route('machines.apart', $machine)->with('did', __('machines.part_added'));
    }

    public function destroy(Request $request, Machine $machine, string $part, ChangeOwnParts $change): RedirectResponse
    {
        $change->remove($machine, $this->person($request), $part);

        return redirect()->route('machines.apart', $machine)->with('did', __('machines.part_removed'));
    }
}
