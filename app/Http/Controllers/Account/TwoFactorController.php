<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\SetTwoFactor;
use App\Http\Controllers\Controller;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A code from a phone beside the password. */
final class TwoFactorController extends Controller
{
    public function store(Request $request, SetTwoFactor $set): RedirectResponse
    {
        return redirect()->route('account')->with('secret', $set->begin($this->person($request)));
    }

    public function confirm(Request $request, SetTwoFactor $set): RedirectResponse
    {
        $request->validate(['code' => ['required', 'string', 'max:20']]);
        $codes = $set->confirm($this->person($request), $request->string('code')->toString());

        return redirect()->route('account')->with('codes', $codes)->with('did', __('account.two_factor_on'));
    }

    public function destroy(Request $request, SetTwoFactor $set): RedirectResponse
    {
        $set->end($this->person($request));

        return redirect()->route('account')->with('did', __('account.two_factor_off'));
    }
}
