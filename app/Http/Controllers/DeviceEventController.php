<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeDeviceEvents;
use App\Http\Requests\DeviceEventsRequest;
use App\Models\Device;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\RateLimiter;

/** The door for devices: a token instead of a login. */
final class DeviceEventController extends Controller
{
    private const WRONG_TRIES_A_MINUTE = 20;

    public function store(DeviceEventsRequest $request, TakeDeviceEvents $take): JsonResponse
    {
        $key = 'device-wrong:'.$request->ip();
        abort_if(RateLimiter::tooManyAttempts($key, self::WRONG_TRIES_A_MINUTE), 429);
        $device = Device::byToken((string) $request->bearerToken());
        if (null === $device) {
            RateLimiter::hit($key);

            return response()->json(['message' => __('devices.unknown_token')], 401);
        }
        [$said, $ahead] = $take->handle($device, $request->said(), $request->sent());

        return response()->json(['events' => (object) $said, 'clockAhead' => $ahead]);
    }
}
