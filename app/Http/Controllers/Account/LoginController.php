<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\EndLogins;
use App\Http\Controllers\Controller;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The browsers in which a person is logged in. */
final class LoginController extends Controller
{
    public function others(Request $request, EndLogins $end): RedirectResponse
    {
        $ended = $end->others($this->person($request), $this->login($request));

        return redirect()->route('account')->with('did', trans_choice('account.logged_out', $ended));
    }

    public function destroy(Request $request, string $login, EndLogins $end): RedirectResponse
    {
        $end->one($this->person($request), $login);

        return redirect()->route('account')->with('did', trans_choice('account.logged_out', 1));
    }
}
