<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\Pages\TodayPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** What to do now, and why. */
final class TodayController extends Controller
{
    public function __invoke(Request $request, TodayPage $page): View
    {
        return view('today', $page->for($this->person($request)->home()));
    }
}
