<?php

declare(strict_types=1);

namespace App\Outside;

use App\Actions\Reminders\StoreMail;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Email;

/** Delivers mail into the box inside the application, a stand-in for a mail server. */
final class OutboxTransport extends AbstractTransport
{
    public function __construct(private readonly StoreMail $keep)
    {
        parent::__construct();
    }

    protected function doSend(SentMessage $message): void
    {
        $mail = $message->getOriginalMessage();
        if ($mail instanceof Email) {
            foreach ($mail->getTo() as $to) {
                $this->keep->handle(
                    $to->getAddress(),
                    (string) $mail->getSubject(),
                    (string) $mail->getTextBody(),
                    $mail->getHeaders()->toString(),
                );
            }
        }
    }

    public function __toString(): string
    {
        return 'outbox';
    }
}
