<?php

declare(strict_types=1);

namespace App\View\Pages\Account;

use App\Models\Household;
use App\Models\SecurityEvent;
use App\View\Words\Dates;
use GoodRinse\Core\Quantity\Day;

/** What happened to who can get into a household, in words. */
final readonly class SecurityPage
{
    private const SHOWN = 200;

    public function for(Household $household): SecurityData
    {
        $events = SecurityEvent::query()->where('household_id', $household->id)->with('user')
            ->orderByDesc('id')
            ->limit(self::SHOWN)
            ->get();

        return new SecurityData($household, array_values($events->map(static fn (SecurityEvent $event): array => [
            'at' => Dates::day(Day::at($event->at, $household->zone())).', '.Dates::time($event->at, $household->zone()),
            'what' => (string) __("account.event.$event->kind", [
                'who' => $event->user->name ?? __('account.somebody'),
                'about' => $event->about ?? '',
            ]),
            'address' => (string) $event->address,
        ])->all()));
    }
}
