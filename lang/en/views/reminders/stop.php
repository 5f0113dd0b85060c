<?php

declare(strict_types=1);

return [
    'reminders' => 'Reminders',
    'good_rinse' => 'Good Rinse',
    'no_more_mail_from_here' => 'You get no more mail from here.',
    'no_more_reminders_by_mail' => 'No more reminders by mail?',
    'everything_else_goes_on_you_can' => 'Everything else stays as it is. You can turn mails on again under Household, Calendar and mail.',
    'stop_them' => 'Stop them',
];
