<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\Login;
use App\Models\User;
use App\Support\Scalar;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Logs a person out in other browsers: their sessions end here, and what they keep to stay logged in is worth nothing. */
final readonly class EndLogins
{
    public function __construct(private RecordSecurity $record)
    {
    }

    /** @param string|null $but id of the login that stays; null when none does */
    public function others(User $user, ?string $but): int
    {
        return DB::transaction(function () use ($user, $but): int {
            $ended = Scalar::int(Login::query()->where('user_id', $user->id)->whereKeyNot($but ?? '')->delete());
            $user->forceFill(['remember_token' => Str::random(60)])->save();
            $this->record->handle('logged-out-elsewhere', $user, (string) $ended);

            return $ended;
        });
    }

    public function one(User $user, string $id): void
    {
        DB::transaction(function () use ($user, $id): void {
            if (Login::query()->where('user_id', $user->id)->whereKey($id)->delete() > 0) {
                $user->forceFill(['remember_token' => Str::random(60)])->save();
                $this->record->handle('logged-out-elsewhere', $user, '1');
            }
        });
    }
}
