<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Reminders\SendDigests;
use Illuminate\Console\Command;

/** Reminds people by mail of what is due. */
final class RemindersSend extends Command
{
    protected $signature = 'reminders:send';

    protected $description = 'Send the digests that are due now';

    public function handle(SendDigests $send): int
    {
        $sent = $send->handle();
        $this->line(1 === $sent ? 'One reminder was sent.' : "$sent reminders were sent.");

        return self::SUCCESS;
    }
}
