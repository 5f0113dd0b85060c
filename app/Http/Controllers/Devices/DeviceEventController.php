<?php

declare(strict_types=1);

namespace App\Http\Controllers\Devices;

use App\Actions\Devices\ReceiveDeviceEvents;
use App\Http\Controllers\Controller;
use App\Http\Middleware\DeviceToken;
use App\Http\Requests\Devices\DeviceEventsRequest;
use App\Models\Device;
use App\Models\DeviceEvent;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The door for devices: a token instead of a login. */
final class DeviceEventController extends Controller
{
    /** Readings that are given back at once. */
    private const SHOWN = 200;

    public function store(DeviceEventsRequest $request, ReceiveDeviceEvents $take): JsonResponse
    {
        [$statuses, $ahead] = $take->handle($this->device($request), $request->eventData(), $request->sent());

        return response()->json(['events' => (object) $statuses, 'clockAhead' => $ahead]);
    }

    /** What the device has sent, the newest first. */
    public function index(Request $request): JsonResponse
    {
        $device = $this->device($request);
        $events = $device->events()->orderByDesc('at')->orderByDesc('seq')->limit(self::SHOWN)->get();

        return response()->json([
            'name' => $device->name,
            'machine' => $device->machine->name,
            'events' => $events->map(static fn (DeviceEvent $event): array => array_filter([
                'id' => $event->event,
                'at' => $event->at->format(\DATE_RFC3339),
                'total' => $event->total,
                'light' => $event->light,
                'on' => null === $event->light ? null : $event->lit,
                'status' => $event->status,
            ], static fn (mixed $value): bool => null !== $value))->values(),
        ]);
    }

    private function device(Request $request): Device
    {
        $device = $request->attributes->get(DeviceToken::KEY);

        return $device instanceof Device ? $device : abort(401);
    }
}
