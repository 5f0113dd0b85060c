<?php

declare(strict_types=1);

namespace App\Http\Controllers\Devices;

use App\Actions\Devices\ReceiveDeviceEvents;
use App\Http\Controllers\Controller;
use App\Http\FailedAttemptLimiter;
use App\Http\Requests\Devices\DeviceEventsRequest;
use App\Models\Device;
use Illuminate\Http\JsonResponse;

/** The door for devices: a token instead of a login. */
final class DeviceEventController extends Controller
{
    public function store(DeviceEventsRequest $request, ReceiveDeviceEvents $take): JsonResponse
    {
        $tries = new FailedAttemptLimiter('device', $request);
        $device = Device::byToken((string) $request->bearerToken());
        if (null === $device) {
            $tries->count();

            return response()->json(['message' => __('devices.unknown_token')], 401);
        }
        [$statuses, $ahead] = $take->handle($device, $request->eventData(), $request->sent());

        return response()->json(['events' => (object) $statuses, 'clockAhead' => $ahead]);
    }
}
