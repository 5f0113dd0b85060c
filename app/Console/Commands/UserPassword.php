<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Account\ChangeAccount;
use App\Actions\Account\SetTwoFactor;
use App\Models\User;
use App\Support\PasswordRules;
use App\Support\Scalar;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;

/** Sets a password for somebody who has forgotten it, by whoever runs the installation. */
final class UserPassword extends Command
{
    protected $signature = 'user:password
        {email : of the account}
        {--password= : the new password; asked for when it is left out}
        {--without-code : stop asking for a code from the phone too, for somebody who has lost it}';

    protected $description = 'Sets somebody\'s password and logs them out everywhere';

    public function handle(ChangeAccount $change, SetTwoFactor $set): int
    {
        $user = User::byEmail((string) $this->argument('email'));
        if (null === $user) {
            $this->error('There is no account with that address.');

            return self::FAILURE;
        }
        $password = Scalar::text($this->option('password') ?? $this->secret('New password'));
        $wrong = Validator::make(['password' => $password], ['password' => PasswordRules::all([$user->name, $user->email])])->errors();
        if ($wrong->isNotEmpty()) {
            $this->error((string) $wrong->first());

            return self::FAILURE;
        }
        $change->password($user, $password, null, 'password-reset');
        if ((bool) $this->option('without-code')) {
            $set->end($user);
        }
        $this->line("The password of $user->name is changed.");

        return self::SUCCESS;
    }
}
