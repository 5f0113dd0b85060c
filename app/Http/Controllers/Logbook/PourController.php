<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Actions\Logbook\PourAgent;
use App\Care\Readers\VesselReader;
use App\Http\Controllers\Controller;
use App\Http\Requests\Logbook\PourRequest;
use App\Models\Machine;
use App\View\Pages\Vessels\PourPage;
use App\View\Words\MeetingWords;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Something poured without a round. */
final class PourController extends Controller
{
    public function create(Request $request, Machine $machine, string $vessel, PourPage $page): View
    {
        return view('vessels.pour', $page->for($machine, $this->person($request)->home(), $vessel, $request->string('agent')->toString()));
    }

    public function store(
        PourRequest $request,
        Machine $machine,
        string $vessel,
        PourAgent $pour,
        VesselReader $vessels,
        MeetingWords $words,
    ): RedirectResponse {
        $person = $this->person($request);
        $found = $pour->handle(
            $machine,
            $person,
            $request->ulid(),
            $request->dose($vessel),
            $request->happenedAt(),
            $request->boolean('happened'),
        );
        $record = $vessels->record($machine, $vessel, $person->home());
        if ($found->verdict->refuses() || $record->hasLiveMeeting()) {
            return redirect()->route('vessels.happened', [$machine, $vessel])->with('undo', $request->ulid());
        }

        return redirect()->route('machines.show', $machine)
            ->with('did', trim(__('places/vessels.written').' '.$words->about($record->meetings, $request->ulid())))
            ->with(
                'undo',
                $request->ulid(),
            );
    }

    public function happened(Request $request, Machine $machine, string $vessel, PourPage $page): View
    {
        return view('vessels.happened', $page->happened($machine, $this->person($request)->home(), $vessel));
    }
}
