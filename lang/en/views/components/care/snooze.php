<?php

declare(strict_types=1);

return [
    'not_now' => 'Not now',
    'only_the_reminder_moves_the_clock' => 'Only the reminder moves; the job stays due.',
    'remind_me_on' => 'Remind me on',
    'because' => 'Because',
    'put_it_off' => 'Put it off',
];
