<?php

declare(strict_types=1);

namespace App\View\Pages\Household;

use App\Models\CalendarFeed;
use App\Models\Household;
use App\Models\User;
use App\View\PageData;
use Illuminate\Database\Eloquent\Collection;

/** What RemindersPage::for() hands to its view. */
final readonly class RemindersData extends PageData
{
    /**
     * @param Collection<int, CalendarFeed> $feeds
     * @param \Illuminate\Support\Collection<int, \stdClass> $mails
     */
    public function __construct(
        public User $person,
        public Household $household,
        public Collection $feeds,
        public bool $simulated,
        public \Illuminate\Support\Collection $mails,
    ) {
    }
}
