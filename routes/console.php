<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

Schedule::command('backup:make')->dailyAt('03:10')->withoutOverlapping();
Schedule::command('reminders:send')->everyFiveMinutes()->withoutOverlapping();
