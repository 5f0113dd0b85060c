<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Validation\ValidationException;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** Whether mail leaves this installation. */
final class MailServer
{
    /** Without one, mails lie in the box inside the application, which nobody reads who has no account yet. */
    public static function isNamed(): bool
    {
        return 'outbox' !== config('mail.default');
    }

    /**
     * Sends mail, and says so where the server does not take it.
     *
     * @param \Closure(): mixed $send
     *
     * @throws ValidationException of the field `email`
     */
    public static function send(\Closure $send): void
    {
        try {
            $send();
        } catch (TransportExceptionInterface $e) {
            report($e);

            throw ValidationException::withMessages(['email' => __('account.refused.mail_down')]);
        }
    }
}
