<?php

declare(strict_types=1);

namespace App\Http\Controllers\Measures;

use App\Actions\Measures\RecordMeasurement;
use App\Care\Measures\BrewReader;
use App\Http\Controllers\Controller;
use App\Http\Requests\Measures\PotTimeRequest;
use App\Models\Machine;
use App\View\Pages\Measures\LimePage;
use App\View\Words\HouseMeasures;
use App\View\Words\LimeWords;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Logbook\Payload\Measurement;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Lime and time of a machine that heats water. */
final class LimeController extends Controller
{
    private const MOST = 100_000;

    public function show(Request $request, Machine $machine, BrewReader $brews, LimePage $page, LimeWords $words): View
    {
        abort_unless($brews->isTimed($machine), 404);
        $agent = $request->string('agent')->toString();
        $amount = $request->input('amount');
        $isAmount = is_numeric($amount) && $amount > 0 && $amount < self::MOST;

        return view('measures.lime', $page->for(
            $machine,
            $this->person($request)->home(),
            '' === $agent ? null : $agent,
            $isAmount ? HouseMeasures::field($words->keptIn($agent))->kept((float) $amount) : null,
        ));
    }

    public function store(PotTimeRequest $request, Machine $machine, Handbook $handbook, RecordMeasurement $record): RedirectResponse
    {
        $record->handle(
            $machine,
            $this->person($request),
            $request->ulid(),
            new Measurement($handbook->measureModel()->timed['measurement'], round($request->minutes(), 3)),
        );

        return redirect()->route('measures.lime', $machine)->with('did', __('measures.lime.time.kept'))->with('undo', $request->ulid());
    }
}
