<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Http\Controllers\Controller;
use App\Http\Requests\Household\LogInRequest;
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

    public function store(LogInRequest $request): RedirectResponse
    {
        if (!Auth::attempt($request->credentials(), $request->boolean('remember'))) {
            return back()->withInput($request->only('email', 'remember'))->withErrors(['email' => __('auth.failed')]);
        }
        $request->session()->regenerate();

        return redirect()->intended(route('today'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('login')->with('did', __('auth.logged_out'));
    }
}
