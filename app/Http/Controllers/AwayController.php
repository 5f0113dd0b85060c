<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ComeBack;
use App\Actions\LogAway;
use App\Care\CareReader;
use App\Http\Requests\AwayRequest;
use App\Http\Requests\UlidRequest;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** Times when nobody is there. */
final class AwayController extends Controller
{
    public function create(Request $request, CareReader $care, ClockInterface $clock): View
    {
        $household = $this->person($request)->home();

        return view('away', ['machines' => $care->household($household), 'today' => Day::at($clock->now(), $household->zone())]);
    }

    public function back(UlidRequest $request, ComeBack $back): RedirectResponse
    {
        $back->handle($this->person($request), $request->ulid());

        return redirect()->route('today')->with('did', __('machines.back'));
    }

    public function store(AwayRequest $request, LogAway $log): RedirectResponse
    {
        $log->handle($this->person($request), $request->ulid(), $request->chosen(), $request->day('from'), $request->day('to'), $request->string('reason')->toString());

        return redirect()->route('today')->with('did', __('machines.away_kept'));
    }
}
