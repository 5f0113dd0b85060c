<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cupboard;

use App\Actions\Cupboard\ChangePrices;
use App\Http\Controllers\Controller;
use App\Http\Requests\Cupboard\CostRequest;
use App\View\Pages\Cupboard\CostPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** What care costs, and whether it pays. */
final class CostController extends Controller
{
    public function show(Request $request, CostPage $page): View
    {
        $year = $request->filled('year') ? $request->integer('year') : null;

        return view('cupboard.costs', $page->for($this->person($request)->home(), $year));
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
