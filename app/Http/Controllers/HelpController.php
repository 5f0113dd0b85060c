<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Account\DismissHint;
use App\Support\Shortcuts;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** How this works, and the hints of the first days. */
final class HelpController extends Controller
{
    public function show(Request $request): View
    {
        return view('help', ['shortcuts' => Shortcuts::of($this->person($request)->shortcuts)]);
    }

    public function away(Request $request, string $hint, DismissHint $put): RedirectResponse
    {
        abort_unless(in_array($hint, DismissHint::HINTS, true), 404);
        $put->handle($this->person($request), $hint);

        return redirect()->back(fallback: '/');
    }
}
