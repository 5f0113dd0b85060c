<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Actions\Household\RegisterUser;
use App\Http\Controllers\Controller;
use App\Http\Requests\Household\RegistrationRequest;
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

    public function store(RegistrationRequest $request, RegisterUser $register): RedirectResponse
    {
        $user = $register->handle(
            $request->string('name')->toString(),
            $request->string('email')->toString(),
            $request->string('password')->toString(),
        );
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->intended(route('household.new'));
    }
}
