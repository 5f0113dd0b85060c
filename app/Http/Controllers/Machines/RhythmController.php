<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Http\Controllers\Controller;
use App\Models\Machine;
use App\View\Pages\Rhythm\RhythmPage;
use App\View\Pages\Rhythm\WorkingsPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** A year of every task, and the arithmetic behind each date. */
final class RhythmController extends Controller
{
    public function index(Request $request, RhythmPage $page): View
    {
        return view('rhythm.index', $page->for(
            $this->person($request)->home(),
            $request->string('machine')->toString(),
            max(1, min(20, $request->integer('page', 1))),
            $request->string('table')->toString(),
        ));
    }

    public function why(Request $request, Machine $machine, string $task, WorkingsPage $page): View
    {
        return view('rhythm.why', $page->for($machine, $this->person($request)->home(), $task));
    }
}
