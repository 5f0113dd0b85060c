<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EndRound;
use App\Actions\StartRound;
use App\Http\Requests\StartRoundRequest;
use App\Models\Machine;
use App\Models\Round;
use App\View\Pages\RoundPage;
use App\View\Pages\RoundSummaryPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Cleaning sessions. */
final class RoundController extends Controller
{
    public function store(StartRoundRequest $request, Machine $machine, StartRound $start): RedirectResponse
    {
        $round = $start->handle($machine, $this->person($request), $request->procedure(), $request->task());

        return redirect()->route('rounds.show', $round);
    }

    public function show(Request $request, Round $round, RoundPage $page, RoundSummaryPage $summary): View
    {
        $home = $this->person($request)->home();
        if (null !== $round->ended_at) {
            return view('rounds.summary', $summary->for($round, $home));
        }

        return view('rounds.show', $page->for($round, $home, $request->string('step')->toString()));
    }

    public function end(Request $request, Round $round, EndRound $end): RedirectResponse
    {
        $request->validate(['how' => ['required', Rule::in([Round::FINISHED, Round::STOPPED])]]);
        $end->handle($round, $this->person($request), $request->string('how')->toString(), $request->boolean('knows'));

        return redirect()->route('rounds.show', $round);
    }
}
