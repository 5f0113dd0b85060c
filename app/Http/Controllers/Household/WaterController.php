<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Actions\Household\ChangeWater;
use App\Http\Controllers\Controller;
use App\Http\Requests\Household\WaterRequest;
use App\View\Pages\Household\WaterPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** How hard the household's water is. */
final class WaterController extends Controller
{
    public function edit(WaterRequest $request, WaterPage $page): View
    {
        return view('household.water', $page->for(
            $this->person($request)->home(),
            $request->isTried(),
            $request->hardness(),
            $request->unit(),
            $request->boolean('dip'),
        ));
    }

    public function update(WaterRequest $request, ChangeWater $change): RedirectResponse
    {
        $change->handle($this->person($request)->home(), $request->hardness(), $request->unit());

        return redirect()->route('today' === $request->input('back') ? 'today' : 'household')->with('did', __('household.saved'));
    }
}
