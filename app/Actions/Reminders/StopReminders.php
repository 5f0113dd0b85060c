<?php

declare(strict_types=1);

namespace App\Actions\Reminders;

use App\Models\User;

/** Sends a person no more reminders. */
final readonly class StopReminders
{
    public function handle(User $person): void
    {
        $person->reminders = false;
        $person->save();
    }
}
