<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\User;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;
use Illuminate\Support\Facades\URL;

/** Asks at a new address whether it is the person's. */
final class ConfirmEmail extends Notification
{
    private const DAYS = 2;

    public function __construct(private readonly User $person)
    {
    }

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(): MailMessage
    {
        $link = url(URL::temporarySignedRoute(
            'account.email.confirm',
            now()->addDays(self::DAYS),
            ['user' => $this->person->id, 'email' => $this->person->new_email],
            absolute: false,
        ));

        return (new MailMessage())->subject((string) __('account.mail_email'))
            ->text('mail.account', ['person' => $this->person, 'line' => __('account.mail_email_line'), 'link' => $link]);
    }
}
