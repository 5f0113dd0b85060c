<?php

declare(strict_types=1);

namespace App\Http\Controllers\Devices;

use App\Http\Controllers\Controller;
use App\Http\FailedAttemptLimiter;
use App\Models\CalendarFeed;
use App\View\Calendar\DueJson;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What is due, for a display on the wall or a program that runs the house: a token instead of a login. */
final class DueController extends Controller
{
    public function __invoke(Request $request, DueJson $due): JsonResponse
    {
        $tries = new FailedAttemptLimiter('due', $request);
        $found = CalendarFeed::behind((string) $request->bearerToken(), CalendarFeed::DISPLAY);
        if (null === $found) {
            $tries->count();

            return response()->json(['message' => __('devices.unknown_token')], 401);
        }

        return response()->json($due->of($found->household));
    }
}
