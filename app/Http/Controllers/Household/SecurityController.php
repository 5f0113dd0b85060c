<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Http\Controllers\Controller;
use App\View\Pages\Account\SecurityPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** What happened to who can get in, for the keeper. */
final class SecurityController extends Controller
{
    public function index(Request $request, SecurityPage $page): View
    {
        return view('household.security', $page->for($this->person($request)->home()));
    }
}
