<?php

declare(strict_types=1);

namespace App\Http\Controllers\Measures;

use App\Actions\Measures\RecordMeasurement;
use App\Http\Controllers\Controller;
use App\Http\Requests\Measures\CupRequest;
use App\Models\Machine;
use App\View\Pages\Measures\CupPage;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The cup test of a machine with spray arms. */
final class CupController extends Controller
{
    public function show(Request $request, Machine $machine, Handbook $handbook, CupPage $page): View
    {
        abort_if([] === $machine->kindIn($handbook)->spray->for($machine->traits), 404);

        return view('measures.cup', $page->for($machine, $this->person($request)->home()));
    }

    public function store(CupRequest $request, Machine $machine, RecordMeasurement $record): RedirectResponse
    {
        $record->handle($machine, $this->person($request), $request->ulid(), $request->record());

        return redirect()->route('measures.cup', $machine)->with('did', __('measures.cup.kept'))->with('undo', $request->ulid());
    }
}
