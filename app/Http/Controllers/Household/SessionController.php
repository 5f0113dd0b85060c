<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Actions\Account\LogIn;
use App\Actions\Account\TrackLogin;
use App\Http\Controllers\Controller;
use App\Http\Middleware\KeepLogin;
use App\Http\Requests\Household\LogInRequest;
use App\Support\PendingLogin;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Logging in and out. */
final class SessionController extends Controller
{
    public function create(): View
    {
        return view('auth.login');
    }

    public function store(LogInRequest $request, LogIn $in): RedirectResponse
    {
        $user = $in->byPassword($request->credentials());
        if (null === $user) {
            return back()->withInput($request->only('email', 'remember'))->withErrors(['email' => __('auth.failed')]);
        }
        if (null !== $user->two_factor_at) {
            PendingLogin::keep($request->session(), $user->id, $request->boolean('remember'));

            return redirect()->route('login.code');
        }
        Auth::login($user, $request->boolean('remember'));
        $request->session()->regenerate();
        $in->noted($user);

        return redirect()->intended(route('today'));
    }

    public function destroy(Request $request, TrackLogin $track): RedirectResponse
    {
        $login = $this->login($request);
        if (null !== $login) {
            $track->end($this->person($request), $login);
        }
        KeepLogin::logOut($request);

        return redirect()->route('login')->with('did', __('auth.logged_out'));
    }
}
