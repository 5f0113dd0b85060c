<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\Login;
use App\Models\User;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Knows in which browsers a person is logged in. */
final readonly class TrackLogin
{
    /** Seconds between two looks at the same browser that are written down. */
    private const FRESH = 600;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return string id to keep in the browser's session */
    public function begin(User $user, ?string $address, ?string $agent): string
    {
        $now = $this->clock->now();

        return Login::query()->create([
            'user_id' => $user->id,
            'address' => (string) $address,
            'agent' => Str::limit((string) $agent, Login::LONGEST_AGENT, ''),
            'began_at' => $now,
            'seen_at' => $now,
        ])->id;
    }

    /** @return bool false once it was logged out from elsewhere */
    public function isThere(User $user, string $id): bool
    {
        $login = Login::query()->where('user_id', $user->id)->find($id);
        if (null === $login) {
            return false;
        }
        $now = $this->clock->now();
        if (abs($now->getTimestamp() - $login->seen_at->getTimestamp()) > self::FRESH) {
            $login->update(['seen_at' => $now]);
        }

        return true;
    }

    public function end(User $user, string $id): void
    {
        Login::query()->where('user_id', $user->id)->whereKey($id)->delete();
    }
}
