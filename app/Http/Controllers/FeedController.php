<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\MakeFeed;
use App\Actions\RevokeFeed;
use App\Calendar\Feed;
use App\Devices\WrongTries;
use App\Models\CalendarFeed;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The private calendar. */
final class FeedController extends Controller
{
    public function store(Request $request, MakeFeed $make): RedirectResponse
    {
        return redirect()->route('reminders')->with('feed', route('feed', $make->handle($this->person($request))));
    }

    public function destroy(CalendarFeed $feed, RevokeFeed $revoke): RedirectResponse
    {
        $revoke->handle($feed);

        return redirect()->route('reminders')->with('did', __('reminders.feed_gone'));
    }

    public function show(Request $request, string $token, Feed $feed): Response
    {
        $tries = new WrongTries('feed', $request);
        $found = CalendarFeed::behind($token);
        if (null === $found) {
            $tries->count();
            abort(404);
        }
        [$text, $tag] = $feed->of($found->household);
        $response = response($text, 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Content-Disposition' => 'inline; filename="good-rinse.ics"', 'Cache-Control' => 'private, max-age=300'])->setEtag($tag);
        $response->isNotModified($request);

        return $response;
    }
}
