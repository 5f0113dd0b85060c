<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\SecurityEvent;
use App\Models\User;
use App\Notifications\AccountChange;
use App\Support\Caller;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;
use Psr\Clock\ClockInterface;

/** Keeps what concerns who can get in, for the keeper of the household; mails a person what was changed about their own way in. */
final readonly class RecordSecurity
{
    public function __construct(private ClockInterface $clock, private Caller $caller)
    {
    }

    /**
     * @param string $kind one of SecurityEvent::KINDS
     * @param User|null $by who did it; null when nobody is logged in
     * @param string|null $household that it concerns; the person's own when null
     */
    public function handle(string $kind, ?User $by, ?string $about = null, ?string $household = null): void
    {
        SecurityEvent::query()->create([
            'household_id' => $household ?? $by?->household_id,
            'user_id' => $by?->id,
            'kind' => $kind,
            'about' => null === $about ? null : mb_substr($about, 0, 200),
            'address' => $this->caller->address,
            'at' => $this->clock->now(),
        ]);
        if (null !== $by && in_array($kind, SecurityEvent::MAILED, true)) {
            $this->mail($by->email, $by, $kind);
        }
    }

    /** After the answer has gone out, once what was changed is written; a mail server that does not answer undoes nothing. */
    private function mail(string $to, User $person, string $kind): void
    {
        DB::afterCommit(static fn () => app()->terminating(static fn () => rescue(
            static fn () => Notification::route('mail', $to)->notify(new AccountChange($person, $kind)),
        )));
    }
}
