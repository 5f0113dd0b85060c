<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\Pages\Plan\PlanPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** One session over several machines. */
final class PlanController extends Controller
{
    public function __invoke(Request $request, PlanPage $page): View
    {
        $picked = $request->has('jobs') || $request->has('at')
            ? array_values(array_filter((array) $request->input('jobs', []), is_string(...)))
            : null;
        $time = static fn (string $name): ?string => is_string($given = $request->input($name)) ? $given : null;

        return view('plan.show', $page->for($this->person($request)->home(), $picked, $time('at'), $time('ready')));
    }
}
