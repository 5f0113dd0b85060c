<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Actions\Logbook\SnoozeTask;
use App\Http\Controllers\Controller;
use App\Http\Requests\Logbook\SnoozeRequest;
use App\Models\Machine;
use App\View\Words\Dates;
use Illuminate\Http\RedirectResponse;

/** Reminders that are put off. */
final class SnoozeController extends Controller
{
    public function store(SnoozeRequest $request, Machine $machine, SnoozeTask $snooze): RedirectResponse
    {
        $snooze->handle(
            $machine,
            $this->person($request),
            $request->ulid(),
            $request->string('task')->toString(),
            $request->until(),
            $request->string('reason')->toString(),
        );

        return redirect()->route('today')->with('did', __('machines.put_off', ['day' => Dates::weekday($request->until())]))->with(
            'undo',
            $request->ulid(),
        );
    }
}
