<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\User;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Timebox;

/** Says whose password it is. The answer takes the same time whether the address is known or not (auth.timebox_duration). */
final readonly class LogIn
{
    public function __construct(private RecordSecurity $record)
    {
    }

    /** @param array{email: string, password: string} $credentials */
    public function byPassword(#[\SensitiveParameter] array $credentials): ?User
    {
        return (new Timebox())->call(function (Timebox $time) use ($credentials): ?User {
            $known = User::byEmail($credentials['email']);
            if (null !== $known && Hash::check($credentials['password'], $known->password)) {
                $time->returnEarly();

                return $known;
            }
            null === $known || $this->failed($known);

            return null;
        }, config()->integer('auth.timebox_duration'));
    }

    public function noted(User $user): void
    {
        $this->note('logged-in', $user);
    }

    /** Somebody gave this person's address, but not what only the person has. */
    public function failed(User $user): void
    {
        $this->note('log-in-failed', null, $user->email, $user->household_id);
    }

    /** A full disk keeps nobody out. */
    private function note(string $kind, ?User $by, ?string $about = null, ?string $household = null): void
    {
        if (null === $by && null === $household) {
            return;
        }
        try {
            $this->record->handle($kind, $by, $about, $household);
        } catch (\PDOException) {
            return;
        }
    }
}
