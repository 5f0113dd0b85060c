<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\LogIn;
use App\Actions\Account\RecordSecurity;
use App\Actions\Account\SetTwoFactor;
use App\Http\Controllers\Controller;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** The second half of logging in, for those who ask for a code. */
final class CodeController extends Controller
{
    /** Seconds in which the code has to follow. */
    private const SECONDS = 300;

    public function create(Request $request): View|RedirectResponse
    {
        return null === $this->pending($request) ? redirect()->route('login') : view('auth.code');
    }

    public function store(Request $request, SetTwoFactor $set, RecordSecurity $record): RedirectResponse
    {
        $request->validate(['code' => ['required', 'string', 'max:20']]);
        $pending = $this->pending($request);
        if (null === $pending) {
            return redirect()->route('login')->withErrors(['email' => __('account.too_late')]);
        }
        [$user, $remember] = $pending;
        if (!$set->accepts($user, $request->string('code')->toString())) {
            $record->handle('log-in-failed', null, $user->email, $user->household_id);

            return back()->withErrors(['code' => __('account.refused.wrong_code')]);
        }
        $request->session()->forget(LogIn::PENDING);
        Auth::login($user, $remember);
        $request->session()->regenerate();
        $record->handle('logged-in', $user);

        return redirect()->intended(route('today'));
    }

    /** @return array{User, bool}|null */
    private function pending(Request $request): ?array
    {
        $kept = $request->session()->get(LogIn::PENDING);
        if (!is_array($kept) || !is_int($kept['at'] ?? null) || $kept['at'] < time() - self::SECONDS) {
            return null;
        }
        $user = User::query()->find($kept['user'] ?? null);

        return $user instanceof User ? [$user, (bool) ($kept['remember'] ?? false)] : null;
    }
}
