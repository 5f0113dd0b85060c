<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\User;
use App\Notifications\AddressInUse;
use App\Notifications\ConfirmEmail;
use App\Notifications\NewPassword;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Password;

/** Changes a person's name, e-mail address and password. */
final readonly class ChangeAccount
{
    public function __construct(private RecordSecurity $record, private EndLogins $logins)
    {
    }

    public function name(User $user, string $name): void
    {
        $user->update(['name' => $name]);
    }

    /** Keeps the new address until somebody there has followed the link sent to it. */
    public function askForEmail(User $user, string $email): void
    {
        $user->forceFill(['new_email' => mb_strtolower($email)])->save();
    }

    /** Asks at the new address; where somebody else has it, tells them instead. */
    public function sendConfirmation(User $user): void
    {
        AddressInUse::orAsk((string) $user->new_email, new ConfirmEmail($user), $user);
    }

    /** @throws AccountRefused when another address was asked for since, or somebody else has it by now */
    public function confirmEmail(User $user, string $email): void
    {
        DB::transaction(function () use ($user, $email): void {
            if ($user->refresh()->new_email !== $email) {
                throw AccountRefused::because('link_used');
            }
            if (User::query()->where('email', $email)->whereKeyNot($user->id)->exists()) {
                throw AccountRefused::because('email_taken');
            }
            // While the old address is still theirs: that is where it is mailed to.
            $this->record->handle('email-changed', $user, "$user->email → $email");
            $user->forceFill(['email' => $email, 'new_email' => null])->save();
        });
    }

    /** Sends a link under which a forgotten password is chosen anew, where the address is somebody's. */
    public function sendLink(string $email): void
    {
        Password::sendResetLink(
            ['email' => $email],
            static fn (User $user, string $token) => $user->notify(new NewPassword($token)),
        );
    }

    /**
     * @param string|null $login id of the login in which it is changed, which alone goes on
     * @param string $kind password-changed or password-reset
     */
    public function password(
        User $user,
        #[\SensitiveParameter]
        string $password,
        ?string $login,
        string $kind = 'password-changed',
    ): void {
        DB::transaction(function () use ($user, $password, $login, $kind): void {
            $user->update(['password' => $password]);
            $this->logins->others($user, $login);
            $this->record->handle($kind, $user);
        });
    }
}
