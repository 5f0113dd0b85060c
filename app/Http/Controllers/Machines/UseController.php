<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Logbook\CountUse;
use App\Http\Controllers\Controller;
use App\Http\Requests\Machines\UseRequest;
use App\Models\Machine;
use App\View\Pages\Machines\UsePage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** One more load, or about how many there were. */
final class UseController extends Controller
{
    public function index(Request $request, Machine $machine, UsePage $page): View
    {
        return view('machines.use', $page->for($machine, $this->person($request)->home(), $request->integer('back')));
    }

    public function store(UseRequest $request, Machine $machine, CountUse $count): RedirectResponse
    {
        $told = $request->filled('uses');
        $count->handle(
            $machine,
            $this->person($request),
            $request->ulid(),
            $told ? $request->float('uses') : 1.0,
            $request->over(),
            $request->until(),
        );

        return back()->with('did', __(
            $told ? (null === $request->until() ? 'machines.told' : 'machines.told_days') : 'machines.counted',
            ['name' => $machine->name],
        ))
            ->with(
                'undo',
                $request->ulid(),
            );
    }
}
