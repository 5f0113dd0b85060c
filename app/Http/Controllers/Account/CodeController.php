<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\LogIn;
use App\Actions\Account\SetTwoFactor;
use App\Http\Controllers\Controller;
use App\Models\User;
use App\Support\PendingLogin;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** The second half of logging in, for those who ask for a code. */
final class CodeController extends Controller
{
    public function create(Request $request): View|RedirectResponse
    {
        return null === PendingLogin::of($request->session()) ? redirect()->route('login') : view('auth.code');
    }

    public function store(Request $request, SetTwoFactor $set, LogIn $in): RedirectResponse
    {
        $request->validate(['code' => ['required', 'string', 'max:20']]);
        $pending = PendingLogin::of($request->session());
        $user = User::query()->find($pending?->user);
        if (null === $pending || null === $user) {
            return redirect()->route('login')->withErrors(['email' => __('account.too_late')]);
        }
        if (!$set->accepts($user, $request->string('code')->toString())) {
            $in->failed($user);

            return back()->withErrors(['code' => __('account.refused.wrong_code')]);
        }
        PendingLogin::forget($request->session());
        Auth::login($user, $pending->remember);
        $request->session()->regenerate();
        $in->noted($user);

        return redirect()->intended(route('today'));
    }
}
