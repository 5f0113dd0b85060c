<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rounds;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Rounds\StorePhoto;
use App\Actions\Rounds\TickStep;
use App\Actions\Sessions\TakeTurn;
use App\Http\Controllers\Controller;
use App\Http\Requests\Rounds\TickRequest;
use App\Models\CareSession;
use App\Models\Round;
use App\View\Words\TurnWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** Steps marked done. */
final class TickController extends Controller
{
    public function __construct(private readonly TakeTurn $take)
    {
    }

    public function store(TickRequest $request, Round $round, TickStep $tick, StorePhoto $keep): RedirectResponse|JsonResponse
    {
        $step = $request->string('step')->toString();
        $warning = $tick->handle($round, $this->person($request), $request->draft());
        $trouble = $this->keepPhoto($request, $round, $step, $keep);
        $next = $this->next($request, $round);
        if ($request->expectsJson()) {
            return response()->json(['next' => $next, 'message' => $trouble, 'warning' => $warning]);
        }
        $back = redirect()->to($next);

        return null === $trouble ? $back : $back->withErrors(['photo' => $trouble]);
    }

    /** Where it goes on: here, or in a session wherever its plan leads. */
    private function next(TickRequest $request, Round $round): string
    {
        $session = null === $round->care_session_id ? null : CareSession::query()->find($round->care_session_id);
        if (null === $session || !in_array($this->person($request)->id, $session->people, true)) {
            return route('rounds.show', $round, false);
        }
        $turn = $this->take->handle($session, $this->person($request));
        if (null === $turn->round) {
            return route('sessions.show', $session, false);
        }
        if ($turn->round->id !== $round->id) {
            $request->session()->flash('did', (new TurnWords($turn))->sentence());
        }

        return route('rounds.show', $turn->round, false);
    }

    /** A picture that cannot be kept takes nothing away from the step it belongs to. */
    private function keepPhoto(TickRequest $request, Round $round, string $step, StorePhoto $keep): ?string
    {
        $photo = $request->photo();
        try {
            if (null !== $photo) {
                $keep->ofStep($round, $this->person($request), $request->photoId(), $step, $photo);
            }
        } catch (ActionRefused $e) {
            return $e->getMessage();
        }

        return null;
    }
}
