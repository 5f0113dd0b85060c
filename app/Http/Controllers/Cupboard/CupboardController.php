<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cupboard;

use App\Actions\Cupboard\RecordStock;
use App\Actions\Rounds\StorePhoto;
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
        $asked = $request->integer('months', CupboardPage::USUAL);
        $months = isset(CupboardPage::MONTHS[$asked]) ? $asked : CupboardPage::USUAL;
        $body = static fn (): View => view('cupboard.body', $page->for($home, $months));

        return view('cupboard.show', [
            'household' => $home,
            'today' => Day::at($clock->now(), $home->zone()),
            // What was typed and is not right yet belongs to this visit only.
            'body' => $kept->of("cupboard.$months", $home, $body, isOnce: $request->session()->has('errors')),
        ]);
    }

    public function store(StockRequest $request, RecordStock $record, StorePhoto $keep): RedirectResponse
    {
        $person = $this->person($request);
        $record->handle($person, $request->ulid(), $request->payload($person), $request->happenedAt($person));
        $photo = $request->photo();
        if (null !== $photo) {
            $keep->ofReceipt($person, $request->ulid(), $photo);
        }
        $to = 'list' === $request->input('from') ? 'shopping' : 'cupboard';

        return redirect()->route($to)
            ->with('did', __('places/cupboard.did.'.$request->string('what')->toString()))
            ->with('undo', $request->ulid());
    }
}
