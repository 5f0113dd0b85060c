<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PourAgent;
use App\Http\Requests\PourRequest;
use App\Models\Machine;
use App\View\Pages\PourPage;
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

    public function store(PourRequest $request, Machine $machine, string $vessel, PourAgent $pour): RedirectResponse
    {
        $found = $pour->handle($machine, $this->person($request), $request->ulid(), $request->dose($vessel), $request->happenedAt(), $request->boolean('happened'));
        if ($found->verdict->refuses()) {
            return redirect()->route('vessels.happened', [$machine, $vessel])->with('undo', $request->ulid());
        }

        return redirect()->route('machines.show', $machine)->with('did', trim(__('vessels.written').' '.$request->consequence($machine, $vessel)))->with('undo', $request->ulid());
    }

    public function happened(Request $request, Machine $machine, string $vessel, PourPage $page): View
    {
        return view('vessels.happened', $page->happened($machine, $this->person($request)->home(), $vessel));
    }
}
