<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rounds;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Rounds\StorePhoto;
use App\Actions\Rounds\TickStep;
use App\Http\Controllers\Controller;
use App\Http\Requests\Rounds\TickRequest;
use App\Models\Round;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** Steps marked done. */
final class TickController extends Controller
{
    public function store(TickRequest $request, Round $round, TickStep $tick, StorePhoto $keep): RedirectResponse|JsonResponse
    {
        $step = $request->string('step')->toString();
        $warning = $tick->handle($round, $this->person($request), $request->draft());
        $trouble = $this->keepPhoto($request, $round, $step, $keep);
        $next = null === $round->care_session_id
            ? ['rounds.show', $round]
            : ['sessions.next', ['session' => $round->care_session_id, 'from' => $round->id]];
        if ($request->expectsJson()) {
            return response()->json(['next' => route($next[0], $next[1], false), 'message' => $trouble, 'warning' => $warning]);
        }
        $back = redirect()->route(...$next);

        return null === $trouble ? $back : $back->withErrors(['photo' => $trouble]);
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
