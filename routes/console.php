<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

if ('' !== $at = config()->string('good-rinse.backup_at')) {
    Schedule::command('backup:make')->dailyAt($at)->withoutOverlapping();
}
Schedule::command('reminders:send')->everyFiveMinutes()->withoutOverlapping();
