<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Databases\PostgresHomeConnection;
use App\Http\FailedAttemptLimiter;
use App\Models\Device;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets devices in by their token, before anything of what they send is looked at. */
final class DeviceToken
{
    public const KEY = 'device';

    /** Bytes that one message may have. */
    public const MOST_BYTES = 65_536;

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $tries = new FailedAttemptLimiter('device', $request);
        $device = Device::byToken((string) $request->bearerToken());
        if (null === $device) {
            $tries->count();

            return response()->json(['message' => __('devices.unknown_token')], 401);
        }
        if ((int) $request->header('Content-Length', '0') > self::MOST_BYTES || strlen($request->getContent()) > self::MOST_BYTES) {
            return response()->json(['message' => __('devices.too_large', ['most' => self::MOST_BYTES])], 413);
        }
        PostgresHomeConnection::of($device->household_id);
        $request->attributes->set(self::KEY, $device);

        return $next($request);
    }
}
