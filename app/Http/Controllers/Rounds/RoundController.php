<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rounds;

use App\Actions\Rounds\EndRound;
use App\Actions\Rounds\SettleRound;
use App\Actions\Rounds\StartRound;
use App\Http\Controllers\Controller;
use App\Http\Requests\Rounds\StartRoundRequest;
use App\Models\Machine;
use App\Models\Round;
use App\Support\Pdf;
use App\Support\Shortcuts;
use App\View\Pages\Rounds\ComposePage;
use App\View\Pages\Rounds\RecordPage;
use App\View\Pages\Rounds\RoundPage;
use App\View\Pages\Rounds\RoundSummaryPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\Response;

/** Cleaning sessions. */
final class RoundController extends Controller
{
    /** What can be done on a machine, to pick one or several from. */
    public function create(Request $request, Machine $machine, ComposePage $page): View
    {
        $picked = array_values(array_filter((array) $request->input('procedures', []), is_string(...)));

        return view('rounds.create', $page->for($machine, $this->person($request)->home(), $picked, $request->string('part')->toString()));
    }

    public function store(StartRoundRequest $request, Machine $machine, StartRound $start): RedirectResponse
    {
        $round = $start->handle($machine, $this->person($request), $request->procedures(), $request->task());

        return redirect()->route('rounds.show', $round);
    }

    public function show(Request $request, Round $round, RoundPage $page, RoundSummaryPage $summary): View
    {
        $home = $this->person($request)->home();
        if (!$round->isReadable()) {
            return view('rounds.unreadable', $summary->unreadable($round, $home));
        }
        if (null !== $round->ended_at) {
            return view('rounds.summary', $summary->for($round, $home));
        }

        $shortcuts = Shortcuts::of($this->person($request)->shortcuts);

        return view('rounds.show', $page->for($round, $home, $request->string('step')->toString(), $shortcuts));
    }

    /** Every step that may still come up, for a device that loses its network. */
    public function ahead(Request $request, Round $round, RoundPage $page): View
    {
        return view('rounds.ahead', $page->ahead($round, $this->person($request)->home()));
    }

    /** How far the round is, so that two devices on it show the same; with the token a device needs to send what it kept. */
    public function state(Round $round): JsonResponse
    {
        return response()->json([
            'last' => $round->ticks()->reorder()->orderByDesc('seq')->value('id') ?? '',
            'ended' => null !== $round->ended_at,
            'token' => csrf_token(),
        ]);
    }

    public function settle(Request $request, Round $round, SettleRound $settle): RedirectResponse
    {
        $settle->handle($round, $this->person($request));

        return redirect()->back(fallback: '/')->with('did', __('rounds.settled', ['machine' => $round->machine->name]));
    }

    /** The service record of an ended round. */
    public function record(Request $request, Round $round, RecordPage $page, RoundSummaryPage $summary): View
    {
        if (!$round->isReadable()) {
            return view('rounds.unreadable', $summary->unreadable($round, $this->person($request)->home()));
        }

        return view('rounds.record', $page->for($round, $this->person($request)->home()));
    }

    public function recordPdf(Request $request, Round $round, RecordPage $page, Pdf $pdf): Response
    {
        return $pdf->page(
            view('rounds.record-pdf', $page->for($round, $this->person($request)->home())),
            Str::slug($round->machine->name.' '.$round->started_at->format('Y-m-d')).'-service-record.pdf',
        );
    }

    public function end(Request $request, Round $round, EndRound $end, StartRound $start): RedirectResponse
    {
        $request->validate([
            'how' => ['required', Rule::in([Round::FINISHED, Round::STOPPED])],
            'then' => ['nullable', 'string', 'regex:/^[a-z][a-z0-9-]{0,39}$/'],
        ]);
        $person = $this->person($request);
        $end->handle($round, $person, $request->string('how')->toString(), $request->boolean('knows'));
        $next = $request->filled('then') ? $start->handle($round->machine, $person, [$request->string('then')->toString()]) : $round;

        return redirect()->route('rounds.show', $next);
    }
}
