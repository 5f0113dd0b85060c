<?php

declare(strict_types=1);

namespace App\Http\Controllers\Measures;

use App\Actions\Measures\RecordJets;
use App\Http\Controllers\Controller;
use App\Http\Requests\Measures\JetsRequest;
use App\Models\Machine;
use App\Support\Scalar;
use App\View\Pages\Measures\JetsPage;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The jets of a machine's spray arms. */
final class JetController extends Controller
{
    public function show(Request $request, Machine $machine, Handbook $handbook, JetsPage $page): View
    {
        abort_if([] === $machine->kindIn($handbook)->spray->for($machine->traits), 404);

        return view('measures.jets', $page->for(
            $machine,
            $this->person($request)->home(),
            '' === ($typed = Scalar::text($request->old('map'))) ? null : $typed,
        ));
    }

    public function store(JetsRequest $request, Machine $machine, RecordJets $record): RedirectResponse
    {
        $map = $request->map();
        $record->handle($machine, $this->person($request), $request->ulid(), $map);

        return redirect()->route('measures.jets', $machine)->with('did', __("measures.jets.saved.$map->means"))
            ->with('undo', $request->ulid());
    }
}
