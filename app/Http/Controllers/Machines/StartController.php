<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Machines\ChangeStart;
use App\Http\Controllers\Controller;
use App\Http\Requests\Machines\StartRequest;
use App\Models\Machine;
use App\View\Pages\Machines\StartPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What the rhythms of a machine start from, and what would move if it were otherwise. */
final class StartController extends Controller
{
    public function edit(StartRequest $request, Machine $machine, StartPage $page): View
    {
        return view('rhythm.start', $page->for(
            $machine,
            $this->person($request)->home(),
            $request->isTried() ? $request->habits() : null,
            $request->isTried() ? $request->schools() : null,
        ));
    }

    public function update(StartRequest $request, Machine $machine, ChangeStart $change): RedirectResponse
    {
        $change->handle($machine, $request->habits(), $request->schools());

        return redirect()->route('rhythm', ['machine' => $machine->id])->with('did', __('machines.saved'));
    }
}
