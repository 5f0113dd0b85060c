<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Takes a change of an account only with its password: an open browser is not enough. */
final class EnsureRecentPassword
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $user = $request->user();
        $given = $request->input('current_password');
        if (!$user instanceof User || !is_string($given) || !Hash::check($given, $user->password)) {
            throw ValidationException::withMessages(['current_password' => (string) __('account.wrong_password')]);
        }

        return $next($request);
    }
}
