<?php

declare(strict_types=1);

return [
    'calendar_and_mail' => 'Calendar and mail',
    'reminders_in_your_calendar_and_by' => 'Reminders in your calendar and by mail',
    'in_your_calendar' => 'In your calendar',
    'a_private_address_that_any_calendar' => 'A private address that any calendar program can subscribe to: every job with its window '
        .'and an alarm, and what to buy. Anyone who has the address can read it.',
    'subscribe_to_this_it_is_shown' => 'Subscribe to this. It is shown only now.',
    'copy_it' => 'Copy it',
    'close_it' => 'Close it',
    'make_an_address' => 'Make an address',
    'by_mail' => 'By mail',
    'remind_when_something_falls_due' => 'Remind :email when something falls due',
    'at' => 'At',
    'quiet_until' => 'Quiet until',
    'quiet_from' => 'Quiet from',
    'one_mail_a_day_at_most' => 'One mail a day at most, and not about the same jobs every day. Each has a link that ends them.',
    'save' => 'Save',
    'the_box_mail_goes_to' => 'The folder mail goes to',
    'mail' => 'Mail',
    'no_mail_server_is_set_up' => 'No mail server is set up, so mail is kept here instead of being sent.',
    'mail_goes_out_through_your_mail' => 'Mail goes out through your mail server.',
    'send_todays_now' => 'Send today\'s now',
];
