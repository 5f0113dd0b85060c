<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Lets pages load from this server only, run no inline script or style, and be framed by nobody. */
final class SecurityHeaders
{
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; font-src 'self'; "
        ."connect-src 'self'; worker-src 'self'; media-src 'self' blob:; manifest-src 'self'; form-action 'self'; "
        ."base-uri 'none'; frame-ancestors 'none'; object-src 'none'";

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $response = $next($request);
        $headers = $response->headers;
        $headers->set('Content-Security-Policy', self::POLICY);
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('X-Frame-Options', 'DENY');
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Permissions-Policy', 'camera=(self), microphone=(self), geolocation=(), payment=(), usb=()');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $headers->set('Cross-Origin-Resource-Policy', 'same-origin');
        if ($request->isSecure()) {
            $headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        if (Auth::hasUser()) { // without asking the database, which may be what failed
            $headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
