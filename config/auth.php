<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'users'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users']],
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => App\Models\User::class]],
    // Minutes for which a link to a new password holds, and seconds between two of them.
    'passwords' => ['users' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 60, 'throttle' => 60]],

    // Microseconds that a failed login takes at least: longer than a password takes to check, so that nobody learns from
    // the time which addresses are known.
    'timebox_duration' => (int) env('AUTH_TIMEBOX', 500_000),
];
