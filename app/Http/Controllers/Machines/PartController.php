<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Logbook\RecordPart;
use App\Care\Readers\OpenCards;
use App\Http\Controllers\Controller;
use App\Http\Requests\Machines\PartFittedRequest;
use App\Http\Requests\Machines\PartNeedRequest;
use App\Models\Machine;
use App\View\Pages\Parts\PartsPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Parts that are worn, ordered and fitted. */
final class PartController extends Controller
{
    public function index(Request $request, Machine $machine, PartsPage $page): View
    {
        return view(
            'machines.parts',
            $page->for($machine, $this->person($request)->home(), $request->string('part')->toString()),
        );
    }

    public function store(PartNeedRequest $request, Machine $machine, RecordPart $record): RedirectResponse
    {
        $need = $request->need();
        $record->need($machine, $this->person($request), $request->ulid(), $need);

        return redirect()->route('machines.parts', $machine)->with('did', __("machines.part_need.$need->stage"))->with(
            'undo',
            $request->ulid(),
        );
    }

    public function fit(PartFittedRequest $request, Machine $machine, RecordPart $record, OpenCards $cards): RedirectResponse
    {
        $fitted = $request->fitted();
        $record->fitted($machine, $this->person($request), $request->ulid(), $fitted);
        $waiting = $cards->afterFitting($machine, $fitted->part);
        $next = null === $waiting
            ? redirect()->route('machines.parts', $machine)->with('did', __('machines.part_fitted'))
            : redirect()->route('traces.show', [$waiting['trace'], 'card' => $waiting['card']])
                ->with('did', __('machines.part_fitted_for'));

        return $next->with('undo', $request->ulid());
    }
}
