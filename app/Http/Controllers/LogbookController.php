<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LogbookRequest;
use App\View\Pages\LogbookPage;
use Illuminate\Contracts\View\View;

/** Everything that happened. */
final class LogbookController extends Controller
{
    public function index(LogbookRequest $request, LogbookPage $page): View
    {
        return view('logbook', $page->for($this->person($request)->home(), $request));
    }
}
