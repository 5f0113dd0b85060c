<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\SecurityEvent;
use App\Models\User;
use App\Support\Caller;
use Psr\Clock\ClockInterface;

/** Keeps what concerns who can get in, for the keeper of the household. */
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
    }
}
