<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\User;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** Sends the link under which a forgotten password is set anew. */
final class NewPassword extends Notification
{
    public function __construct(#[\SensitiveParameter] private readonly string $token)
    {
    }

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(User $person): MailMessage
    {
        $link = route('password.reset', ['token' => $this->token, 'email' => $person->email]);

        return (new MailMessage())->subject((string) __('account.mail_password'))
            ->text('mail.account', ['person' => $person, 'line' => __('account.mail_password_line'), 'link' => $link]);
    }
}
