<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\User;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;
use Illuminate\Support\Facades\Notification as Mails;

/** Tells somebody that their address, which has an account, was given again for another one. */
final class AddressInUse extends Notification
{
    /** Mails the question to an address that is free, and this to whoever else has it: one mail, whichever it is. */
    public static function orAsk(string $email, Notification $question, ?User $by = null): void
    {
        $owner = User::query()->where('email', $email)->when($by, static fn ($users, User $by) => $users->whereKeyNot($by->id))->first();
        null === $owner ? Mails::route('mail', $email)->notify($question) : $owner->notify(new self());
    }

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(User $person): MailMessage
    {
        return (new MailMessage())->subject((string) __('account.mail_in_use'))
            ->text('mail.account', ['person' => $person, 'line' => __('account.mail_in_use_line'), 'link' => route('login')]);
    }
}
