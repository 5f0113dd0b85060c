<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\ChangeAccount;
use App\Http\Controllers\Controller;
use App\Http\Requests\Account\PasswordRequest;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;

/** A new password for somebody who has forgotten the old one, by a link sent to their address. */
final class ForgottenPasswordController extends Controller
{
    public function create(): View
    {
        return view('auth.forgotten');
    }

    public function store(Request $request, ChangeAccount $change): RedirectResponse
    {
        $request->validate(['email' => ['required', 'string', 'max:190']]);
        $email = mb_strtolower($request->string('email')->toString());
        // After the answer has gone out: it takes the same time whether somebody has that address or not.
        app()->terminating(static fn () => $change->sendLink($email));

        return redirect()->route('login')->with('did', __('account.link_sent'));
    }

    public function edit(Request $request, string $token): View
    {
        return view('auth.reset', ['token' => $token, 'email' => $request->string('email')->toString()]);
    }

    public function update(PasswordRequest $request, string $token, ChangeAccount $change): RedirectResponse
    {
        $status = Password::reset(
            [
                'email' => mb_strtolower($request->string('email')->toString()),
                'token' => $token,
                'password' => $request->password(),
            ],
            static function (User $user, string $password) use ($change): void {
                $change->password($user, $password, null, 'password-reset');
            },
        );

        return Password::PASSWORD_RESET === $status
            ? redirect()->route('login')->with('did', __('account.password_reset'))
            : back()->withErrors(['password' => __('account.refused.link_used')]);
    }
}
