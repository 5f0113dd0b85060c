<?php

declare(strict_types=1);

namespace App\Http\Controllers\Measures;

use App\Actions\Measures\RecordWeight;
use App\Care\Measures\GreaseReader;
use App\Http\Controllers\Controller;
use App\Http\Requests\Measures\WeightRequest;
use App\Models\Machine;
use App\Support\RefusalWords;
use App\View\Pages\Measures\GreasePage;
use GoodRinse\Core\Measure\OddWeight;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Grease on a hood's filters by weight. */
final class GreaseController extends Controller
{
    public function show(Request $request, Machine $machine, GreaseReader $grease, GreasePage $page): View
    {
        abort_unless($grease->isWeighed($machine), 404);
        $doubt = $request->session()->get('doubt');

        return view('measures.grease', $page->for($machine, $this->person($request)->home(), is_string($doubt) ? $doubt : null));
    }

    public function store(WeightRequest $request, Machine $machine, RecordWeight $record): RedirectResponse
    {
        try {
            $record->handle(
                $machine,
                $this->person($request),
                $request->ulid(),
                $request->grams(),
                $request->isClean(),
                $request->boolean('sure'),
            );
        } catch (OddWeight $e) {
            return redirect()->route('measures.grease', $machine)->withInput()->with('doubt', RefusalWords::of($e));
        }

        return redirect()->route('measures.grease', $machine)->with('did', __('measures.grease.kept'))->with('undo', $request->ulid());
    }
}
