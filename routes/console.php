<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

Schedule::command('reminders:send')->everyFiveMinutes()->withoutOverlapping();
