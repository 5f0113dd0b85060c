<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Care\Readers\DueList;
use App\Models\User;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;
use Illuminate\Support\Facades\URL;
use Symfony\Component\Mime\Email;

/** Says by mail what is due. */
final class CareDigest extends Notification
{
    public function __construct(private readonly DueList $list)
    {
    }

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(User $person): MailMessage
    {
        $stop = url(URL::signedRoute('reminders.stop', ['user' => $person->id], absolute: false));

        return (new MailMessage())
            ->subject(
                trans_choice('reminders.subject', count($this->list->tasks), [
                    'first' => $this->list->tasks[0]->name(),
                    'machine' => $this->list->tasks[0]->machine->name,
                    'others' => count($this->list->tasks) - 1,
                ]),
            )
            ->text('mail.digest', ['person' => $person, 'list' => $this->list, 'stop' => $stop])
            ->withSymfonyMessage(static function (Email $mail) use ($stop): void {
                $mail->getHeaders()->addTextHeader('List-Unsubscribe', "<$stop>");
                $mail->getHeaders()->addTextHeader('List-Unsubscribe-Post', 'List-Unsubscribe=One-Click');
            });
    }
}
