<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Http\Controllers\Controller;
use App\Http\Requests\Logbook\LogbookRequest;
use App\View\Pages\Logbook\LogbookPage;
use Illuminate\Contracts\View\View;

/** Everything that happened. */
final class LogbookController extends Controller
{
    public function index(LogbookRequest $request, LogbookPage $page): View
    {
        return view('logbook', $page->for($this->person($request)->home(), $request->criteria()));
    }
}
