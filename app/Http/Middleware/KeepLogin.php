<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Account\TrackLogin;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Logs a browser out that was logged out from elsewhere. Where nothing can be written, a browser goes on unlisted: a full
 * disk locks nobody out.
 */
final readonly class KeepLogin
{
    public const KEY = 'login';

    public function __construct(private TrackLogin $track)
    {
    }

    /** Id of the login that a browser is for a person; null where none is written down. */
    public static function of(Request $request, User $user): ?string
    {
        $kept = $request->session()->get(self::KEY);

        return is_array($kept) && ($kept['user'] ?? null) === $user->id && is_string($kept['id'] ?? null) ? $kept['id'] : null;
    }

    /** Leaves nothing of whoever was logged in behind in this browser. */
    public static function logOut(Request $request): void
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $user = $request->user();
        if (!$user instanceof User) {
            return $next($request);
        }
        $id = self::of($request, $user);
        try {
            if (null === $id) {
                $begun = $this->track->begin($user, $request->ip(), $request->userAgent());
                $request->session()->put(self::KEY, ['user' => $user->id, 'id' => $begun]);
            } elseif (!$this->track->isThere($user, $id)) {
                self::logOut($request);

                return $request->expectsJson()
                    ? response()->json(['message' => __('failures.logged_out').' '.__('failures.logged_out_advice')], 401)
                    : redirect()->guest(route('login'));
            }
        } catch (\PDOException) {
            return $next($request);
        }

        return $next($request);
    }
}
