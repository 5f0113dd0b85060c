<?php

declare(strict_types=1);

namespace App\Http\Controllers\Measures;

use App\Http\Controllers\Controller;
use App\Models\Machine;
use Illuminate\Contracts\View\View;

/** Everything that is measured on a machine, over the years. */
final class TrendController extends Controller
{
    public function show(Machine $machine): View
    {
        return view('measures.trends', ['machine' => $machine]);
    }
}
