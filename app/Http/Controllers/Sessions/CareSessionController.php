<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sessions;

use App\Actions\Sessions\JoinSession;
use App\Actions\Sessions\StartSession;
use App\Actions\Sessions\TakeTurn;
use App\Http\Controllers\Controller;
use App\Http\Requests\Plan\PlanRequest;
use App\Models\CareSession;
use App\View\Pages\Sessions\SessionPage;
use App\View\Words\Dates;
use App\View\Words\TurnWords;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Rounds on several machines that go on together. */
final class CareSessionController extends Controller
{
    public function store(PlanRequest $request, StartSession $start): RedirectResponse
    {
        $query = $request->plan();
        $session = $start->handle($this->person($request), $query->jobs ?? [], $query->set, $query->by);

        return null === $session
            ? redirect()->route('plan')->withErrors(['jobs' => __('plan.nothing_begun')])
            : redirect()->route('sessions.show', $session);
    }

    public function show(Request $request, CareSession $session, SessionPage $page): View
    {
        return view('sessions.show', $page->for($session, $this->person($request)));
    }

    /** To whatever this person does next. */
    public function turn(Request $request, CareSession $session, TakeTurn $take): RedirectResponse
    {
        $turn = $take->handle($session, $this->person($request));

        return null === $turn->round
            ? redirect()->route('sessions.show', $session)
            : redirect()->route('rounds.show', $turn->round)->with('did', (new TurnWords($turn))->sentence());
    }

    public function join(Request $request, CareSession $session, JoinSession $join): RedirectResponse
    {
        $person = $this->person($request);
        $zone = $person->home()->zone();
        $was = Dates::time($join->handle($session, $person), $zone);
        $now = Dates::time(new \DateTimeImmutable($session->promise['finish']), $zone);

        return redirect()->route('sessions.show', $session)->with(
            'did',
            __($was === $now ? 'plan.joined_same' : 'plan.joined', ['now' => $now, 'was' => $was]),
        );
    }

    public function leave(Request $request, CareSession $session, JoinSession $join): RedirectResponse
    {
        $join->leave($session, $this->person($request));

        return redirect()->route('sessions.show', $session);
    }
}
