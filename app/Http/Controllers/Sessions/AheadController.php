<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sessions;

use App\Actions\Sessions\ChangeSessionRule;
use App\Care\Sessions\SessionWish;
use App\Http\Controllers\Controller;
use App\Http\Requests\Plan\AheadRequest;
use App\View\Pages\Ahead\AheadPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The sessions of the next half year. */
final class AheadController extends Controller
{
    public function show(AheadRequest $request, AheadPage $page): View
    {
        return view('ahead.show', $page->for($this->person($request)->home(), $request->wish()));
    }

    public function update(AheadRequest $request, ChangeSessionRule $change): RedirectResponse
    {
        $wish = $request->wish() ?? new SessionWish(SessionWish::NONE);
        $change->handle($this->person($request)->home(), $wish);

        return redirect()->route('ahead')->with('did', __(SessionWish::NONE === $wish->mode ? 'plan.ahead.kept_none' : 'plan.ahead.kept'));
    }
}
