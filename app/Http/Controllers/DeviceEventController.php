<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeDeviceEvents;
use App\Devices\WrongTries;
use App\Http\Requests\DeviceEventsRequest;
use App\Models\Device;
use Illuminate\Http\JsonResponse;

/** The door for devices: a token instead of a login. */
final class DeviceEventController extends Controller
{
    public function store(DeviceEventsRequest $request, TakeDeviceEvents $take): JsonResponse
    {
        $tries = new WrongTries('device', $request);
        $device = Device::byToken((string) $request->bearerToken());
        if (null === $device) {
            $tries->count();

            return response()->json(['message' => __('devices.unknown_token')], 401);
        }
        [$said, $ahead] = $take->handle($device, $request->said(), $request->sent());

        return response()->json(['events' => (object) $said, 'clockAhead' => $ahead]);
    }
}
