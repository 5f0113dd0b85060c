<?php

declare(strict_types=1);

namespace App\Notifications;

use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;
use Illuminate\Support\Facades\URL;

/** Sends the link under which an account is made, to the address that it is to have. */
final class ConfirmAddress extends Notification
{
    private const HOURS = 1;

    public function __construct(
        private readonly string $email,
        #[\SensitiveParameter]
        private readonly ?string $invitation,
    ) {
    }

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(): MailMessage
    {
        $link = url(URL::temporarySignedRoute(
            'register.confirmed',
            now()->addHours(self::HOURS),
            array_filter(['email' => $this->email, 'invitation' => $this->invitation]),
            absolute: false,
        ));

        return (new MailMessage())->subject((string) __('account.mail_register'))
            ->text('mail.account', ['person' => null, 'line' => __('account.mail_register_line'), 'link' => $link]);
    }
}
