<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cupboard;

use App\Actions\Cupboard\ChangePrices;
use App\Http\Controllers\Controller;
use App\Http\Requests\Cupboard\CostRequest;
use App\View\BodyCache;
use App\View\Pages\Cupboard\CostPage;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** What care costs, and whether it pays. */
final class CostController extends Controller
{
    public function show(Request $request, CostPage $page, BodyCache $kept, ClockInterface $clock): View
    {
        $home = $this->person($request)->home();
        $year = $request->filled('year') ? $request->integer('year') : null;
        $body = static fn (): View => view('cupboard.costs-body', $page->for($home, $year));

        return view('cupboard.costs', [
            'household' => $home,
            'today' => Day::at($clock->now(), $home->zone()),
            // What was typed and is not right yet belongs to this visit only.
            'body' => $kept->of("costs.$year", $home, $body, isOnce: $request->session()->has('errors')),
        ]);
    }

    public function update(CostRequest $request, ChangePrices $change): RedirectResponse
    {
        $home = $this->person($request)->home();
        $machine = $request->machine($home);
        if (null === $machine) {
            $change->prices($home, $request->number('water_price'), $request->number('power_price'), $request->boolean('counts_time'));
        } else {
            $change->worth($machine, $request->worth());
        }

        return redirect()->route('costs')->with('did', __('places/costs.did'));
    }
}
