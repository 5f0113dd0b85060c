<?php

declare(strict_types=1);

return [
    'reminders' => 'Reminders',
    'good_rinse' => 'Good Rinse',
    'no_more_mail_from_here' => 'No more mail from here.',
    'no_more_reminders_by_mail' => 'No more reminders by mail?',
    'everything_else_goes_on_you_can' => 'Everything else goes on. You can turn them on again under Household, Calendar and mail.',
    'stop_them' => 'Stop them',
];
