<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Models\User;
use App\Notifications\AddressInUse;
use App\Notifications\ConfirmAddress;

/** Makes an account; it has no household yet. */
final readonly class RegisterUser
{
    public function handle(string $name, string $email, #[\SensitiveParameter] string $password): User
    {
        return User::query()->create(['name' => $name, 'email' => mb_strtolower($email), 'password' => $password])->refresh();
    }

    /**
     * Sends the link under which an account is made; where there is one already, says so there and nowhere else.
     *
     * @param string|null $invitation its token, where somebody was invited: they come back to it
     */
    public function sendLink(string $email, #[\SensitiveParameter] ?string $invitation): void
    {
        AddressInUse::orAsk($email, new ConfirmAddress($email, $invitation));
    }
}
