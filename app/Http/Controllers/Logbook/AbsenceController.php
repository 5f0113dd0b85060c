<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Actions\Logbook\EndAbsence;
use App\Actions\Logbook\RecordAbsence;
use App\Care\Readers\CareReader;
use App\Http\Controllers\Controller;
use App\Http\Requests\Logbook\AbsenceRequest;
use App\Http\Requests\UlidRequest;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Times when nobody is there. */
final class AbsenceController extends Controller
{
    public function create(Request $request, CareReader $care, ClockInterface $clock): View
    {
        $household = $this->person($request)->home();

        return view('away', ['machines' => $care->household($household), 'today' => Day::at($clock->now(), $household->zone())]);
    }

    public function back(UlidRequest $request, EndAbsence $back): RedirectResponse
    {
        $back->handle($this->person($request), $request->ulid());

        return redirect()->route('today')->with('did', __('machines.back'));
    }

    public function store(AbsenceRequest $request, RecordAbsence $log): RedirectResponse
    {
        $log->handle(
            $this->person($request),
            $request->ulid(),
            $request->chosen(),
            $request->day('from'),
            $request->day('to'),
            $request->string('reason')->toString(),
        );

        return redirect()->route('today')->with('did', __('machines.away_kept'));
    }
}
