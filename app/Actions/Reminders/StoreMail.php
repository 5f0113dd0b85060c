<?php

declare(strict_types=1);

namespace App\Actions\Reminders;

use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Puts a mail into the box inside the application. */
final readonly class StoreMail
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function handle(string $to, string $subject, string $text, string $headers): void
    {
        DB::table('outbox')->insert([
            'to' => $to,
            'subject' => $subject,
            'text' => $text,
            'headers' => $headers,
            'sent_at' => $this->clock->now()->format('Y-m-d H:i:s'),
        ]);
    }
}
