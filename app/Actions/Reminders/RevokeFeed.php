<?php

declare(strict_types=1);

namespace App\Actions\Reminders;

use App\Actions\Account\RecordSecurity;
use App\Models\CalendarFeed;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Makes a calendar's address useless. */
final readonly class RevokeFeed
{
    public function __construct(private RecordSecurity $record)
    {
    }

    public function handle(CalendarFeed $feed, User $by): void
    {
        DB::transaction(function () use ($feed, $by): void {
            $feed->delete();
            $this->record->handle('feed-removed', $by, null, $feed->household_id);
        });
    }
}
