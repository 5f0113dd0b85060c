<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cupboard;

use App\Actions\Cupboard\RecordStock;
use App\Http\Controllers\Controller;
use App\Http\Requests\Cupboard\StockRequest;
use App\View\BodyCache;
use App\View\Pages\Cupboard\CupboardPage;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\HtmlString;
use Psr\Clock\ClockInterface;

/** What there is, what runs out, and what to buy. */
final class CupboardController extends Controller
{
    public function show(Request $request, CupboardPage $page, BodyCache $kept, ClockInterface $clock): View
    {
        $home = $this->person($request)->home();
        $body = static fn (): View => view('cupboard.body', $page->for($home));

        return view('cupboard.show', [
            'household' => $home,
            'today' => Day::at($clock->now(), $home->zone()),
            // What was typed and is not right yet belongs to this visit only.
            'body' => $request->session()->has('errors') ? new HtmlString($body()->render()) : $kept->of('cupboard', $home, $body),
        ]);
    }

    public function store(StockRequest $request, RecordStock $record): RedirectResponse
    {
        $person = $this->person($request);
        $record->handle($person, $request->ulid(), $request->payload(), $request->happenedAt($person));

        return redirect()->route('cupboard')->with('did', __('places/cupboard.did.'.$request->string('what')->toString()));
    }
}
