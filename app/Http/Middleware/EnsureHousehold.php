<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Databases\PostgresHomeConnection;
use App\Models\User;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Sends a person who has no household yet to the page where they name one. */
final class EnsureHousehold
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $user = $request->user();

        PostgresHomeConnection::of($user instanceof User ? $user->household_id : null);

        return $user instanceof User && null !== $user->household_id ? $next($request) : redirect()->route('household.new');
    }
}
