<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets only the keeper of a household through. */
final class EnsureKeeper
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $user = $request->user();
        abort_unless($user instanceof User && $user->isKeeper(), 403, (string) __('account.refused.keeper_only'));

        return $next($request);
    }
}
