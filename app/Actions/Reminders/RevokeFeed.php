<?php

declare(strict_types=1);

namespace App\Actions\Reminders;

use App\Models\CalendarFeed;

/** Makes a calendar's address useless. */
final readonly class RevokeFeed
{
    public function handle(CalendarFeed $feed): void
    {
        $feed->delete();
    }
}
