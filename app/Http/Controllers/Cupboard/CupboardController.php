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
use Psr\Clock\ClockInterface;

/** What there is, what runs out, and what to buy. */
final class CupboardController extends Controller
{
    public function show(Request $request, CupboardPage $page, BodyCache $kept, ClockInterface $clock): View
    {
        $home = $this->person($request)->home();

        return view('cupboard.show', [
            'household' => $home,
            'today' => Day::at($clock->now(), $home->zone()),
            'body' => $kept->of('cupboard', $home, static fn (): View => view('cupboard.body', $page->for($home))),
        ]);
    }

    public function store(StockRequest $request, RecordStock $record): RedirectResponse
    {
        $person = $this->person($request);
        $record->handle($person, $request->ulid(), $request->payload(), $request->happenedAt($person));

        return redirect()->route('cupboard')->with('did', __('places/cupboard.did.'.$request->string('what')->toString()));
    }
}
