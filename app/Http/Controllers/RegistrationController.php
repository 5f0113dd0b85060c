<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\RegisterUser;
use App\Http\Requests\RegisterRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;

/** Making an account. */
final class RegistrationController extends Controller
{
    public function create(): View
    {
        return view('auth.register');
    }

    public function store(RegisterRequest $request, RegisterUser $register): RedirectResponse
    {
        $user = $register->handle($request->string('name')->toString(), $request->string('email')->toString(), $request->string('password')->toString());
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->intended(route('household.new'));
    }
}
