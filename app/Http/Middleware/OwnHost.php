<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Takes APP_URL's host for a request's own, whatever the caller or a server in between says: some leave the port out, and
 * nobody else gets to name it.
 */
final class OwnHost
{
    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $url = parse_url(config()->string('app.url'));
        if (isset($url['host'])) {
            $host = $url['host'].(isset($url['port']) ? ":{$url['port']}" : '');
            $request->headers->set('HOST', $host);
            $request->server->set('HTTP_HOST', $host);
        }

        return $next($request);
    }
}
