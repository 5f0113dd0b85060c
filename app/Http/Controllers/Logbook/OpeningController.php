<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Actions\Logbook\RecordOpening;
use App\Http\Controllers\Controller;
use App\Http\Requests\Logbook\OpeningRequest;
use App\Models\Machine;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Http\RedirectResponse;

/** Openings that happened without a round. */
final class OpeningController extends Controller
{
    public function store(OpeningRequest $request, Machine $machine, RecordOpening $log): RedirectResponse
    {
        $log->handle(
            $machine,
            $this->person($request),
            $request->ulid(),
            $request->string('task')->toString(),
            Day::of($request->string('on')->toString()),
            $request->grade('found'),
            $request->grade('left'),
            $request->measured(),
        );

        return redirect()->route('machines.show', $machine)->with('did', __('machines.logged'))->with('undo', $request->ulid());
    }
}
