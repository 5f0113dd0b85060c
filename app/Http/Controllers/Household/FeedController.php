<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Actions\Reminders\CreateFeed;
use App\Actions\Reminders\RevokeFeed;
use App\Http\Controllers\Controller;
use App\Http\FailedAttemptLimiter;
use App\Models\CalendarFeed;
use App\View\Calendar\CareFeed;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The private calendar. */
final class FeedController extends Controller
{
    public function store(Request $request, CreateFeed $make): RedirectResponse
    {
        $request->validate(['id' => ['nullable', 'ulid'], 'reader' => ['nullable', 'in:calendar,display']]);
        $reader = $request->filled('reader') ? $request->string('reader')->toString() : CalendarFeed::CALENDAR;
        $id = $request->filled('id') ? $request->string('id')->toString() : null;
        $token = $make->handle($this->person($request), $id, $reader);

        return CalendarFeed::DISPLAY === $reader
            ? redirect()->route('reminders')->with('display', $token)
            : redirect()->route('reminders')->with('feed', route('feed', $token));
    }

    public function destroy(Request $request, CalendarFeed $feed, RevokeFeed $revoke): RedirectResponse
    {
        $revoke->handle($feed, $this->person($request));

        return redirect()->route('reminders')->with('did', __('reminders.feed_gone'));
    }

    public function show(Request $request, string $token, CareFeed $feed): Response
    {
        $tries = new FailedAttemptLimiter('feed', $request);
        $found = CalendarFeed::behind($token);
        if (null === $found) {
            $tries->count();
            abort(404);
        }
        [$text, $tag] = $feed->of($found->household);
        $response = response($text, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'inline; filename="good-rinse.ics"',
            'Cache-Control' => 'private, max-age=300',
        ])->setEtag($tag);
        $response->isNotModified($request);

        return $response;
    }
}
