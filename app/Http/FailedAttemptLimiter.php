<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;

/** Slows down those who guess the secret of a door that has no login. Right ones are not counted. */
final class FailedAttemptLimiter
{
    private const A_MINUTE = 20;

    private readonly string $key;

    public function __construct(string $door, Request $request)
    {
        $this->key = "wrong:$door:".$request->ip();
        abort_if(RateLimiter::tooManyAttempts($this->key, self::A_MINUTE), 429);
    }

    public function count(): void
    {
        RateLimiter::hit($this->key);
    }
}
