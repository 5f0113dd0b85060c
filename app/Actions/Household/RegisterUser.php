<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Models\User;

/** Makes an account; it has no household yet. */
final readonly class RegisterUser
{
    public function handle(string $name, string $email, #[\SensitiveParameter] string $password): User
    {
        return User::query()->create(['name' => $name, 'email' => mb_strtolower($email), 'password' => $password])->refresh();
    }
}
