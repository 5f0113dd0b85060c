<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\User;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** Tells somebody that what lets them in was changed, so that they notice when it was not they who did it. */
final class AccountChange extends Notification
{
    /** @param string $kind one of SecurityEvent::MAILED */
    public function __construct(private readonly User $person, private readonly string $kind)
    {
    }

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(): MailMessage
    {
        return (new MailMessage())->subject((string) __('account.mail_changed'))->text('mail.account', [
            'person' => $this->person,
            'line' => __("account.mail_changed_line.$this->kind"),
            'link' => route('email-changed' === $this->kind ? 'login' : 'password.request'),
            'after' => __('account.mail_changed_after'),
        ]);
    }
}
