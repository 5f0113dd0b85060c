<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sessions;

use App\Http\Controllers\Controller;
use App\Http\Requests\Plan\PlanRequest;
use App\View\Pages\Plan\PlanPage;
use Illuminate\Contracts\View\View;

/** One session over several machines, before it begins. */
final class PlanController extends Controller
{
    public function __invoke(PlanRequest $request, PlanPage $page): View
    {
        $person = $this->person($request);

        return view('plan.show', $page->for($person->home(), $request->plan(), $person));
    }
}
