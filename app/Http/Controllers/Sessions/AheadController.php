<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sessions;

use App\Actions\Sessions\ChangeSessionRule;
use App\Care\Sessions\SessionWish;
use App\Http\Controllers\Controller;
use App\Http\Requests\Plan\AheadRequest;
use App\View\BodyCache;
use App\View\Pages\Ahead\AheadPage;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Psr\Clock\ClockInterface;

/** The sessions of the next half year. */
final class AheadController extends Controller
{
    public function show(AheadRequest $request, AheadPage $page, BodyCache $kept, ClockInterface $clock): View
    {
        $home = $this->person($request)->home();
        $wish = $request->wish();
        $rule = hash('xxh128', (string) json_encode($home->session_rule));
        $body = static fn (): View => view('ahead.body', $page->for($home, $wish));

        return view('ahead.show', [
            'household' => $home,
            'today' => Day::at($clock->now(), $home->zone()),
            // What is only looked at is not kept: there are thousands of ways to look.
            'body' => $kept->of("ahead $rule", $home, $body, isOnce: null !== $wish),
        ]);
    }

    public function update(AheadRequest $request, ChangeSessionRule $change): RedirectResponse
    {
        $wish = $request->wish() ?? new SessionWish(SessionWish::NONE);
        $change->handle($this->person($request)->home(), $wish);

        return redirect()->route('ahead')->with('did', __(SessionWish::NONE === $wish->mode ? 'plan.ahead.kept_none' : 'plan.ahead.kept'));
    }
}
