<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Contracts\Session\Session;

/** Somebody whose password was right and whose code from the phone has not followed yet. */
final readonly class PendingLogin
{
    private const KEY = 'password_was_right';

    /** Seconds in which the code has to follow. */
    private const SECONDS = 300;

    /** @param bool $remember whether to stay logged in */
    private function __construct(public int $user, public bool $remember)
    {
    }

    public static function of(Session $session): ?self
    {
        $kept = $session->get(self::KEY);

        return is_array($kept) && is_int($kept['user'] ?? null) && Scalar::int($kept['at'] ?? 0) >= time() - self::SECONDS
            ? new self($kept['user'], (bool) ($kept['remember'] ?? false))
            : null;
    }

    public static function keep(Session $session, int $user, bool $remember): void
    {
        $session->put(self::KEY, ['user' => $user, 'remember' => $remember, 'at' => time()]);
    }

    public static function forget(Session $session): void
    {
        $session->forget(self::KEY);
    }
}
