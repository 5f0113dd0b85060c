<?php

declare(strict_types=1);

namespace App\View\Pages\Household;

use App\Models\User;
use App\Support\MailServer;
use Illuminate\Support\Facades\DB;

/** The calendar, when mail comes, and the box that mail goes to until there is a mail server. */
final readonly class RemindersPage
{
    private const SHOWN = 8;

    public function for(User $person): RemindersData
    {
        $household = $person->home();

        return new RemindersData(
            person: $person,
            household: $household,
            feeds: $household->feeds()->orderBy('created_at')->get(),
            simulated: !MailServer::isNamed(),
            mails: DB::table('outbox')->where('to', $person->email)->orderByDesc('id')->limit(self::SHOWN)->get(),
        );
    }
}
