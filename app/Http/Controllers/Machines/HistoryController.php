<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Logbook\RecordHistory;
use App\Care\Readers\CareReader;
use App\Http\Controllers\Controller;
use App\Http\Requests\Machines\HistoryRequest;
use App\Models\Machine;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** What was before a machine was looked after here. */
final class HistoryController extends Controller
{
    public function create(Request $request, Machine $machine, CareReader $care, ClockInterface $clock): View
    {
        $home = $this->person($request)->home();

        return view(
            'machines.before',
            ['machine' => $machine, 'care' => $care->machine($machine, $home), 'today' => Day::at($clock->now(), $home->zone())],
        );
    }

    public function store(HistoryRequest $request, Machine $machine, RecordHistory $tell): RedirectResponse
    {
        $tell->handle(
            $machine,
            $this->person($request),
            $request->ulid(),
            $request->newOn(),
            $request->cleanedOn(),
            $request->cleaned() ?? [],
        );

        return redirect()->route('machines.show', $machine)->with('did', __('machines.before_told'));
    }
}
