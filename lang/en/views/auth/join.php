<?php

declare(strict_types=1);

return [
    'join_a_household' => 'Join a household',
    'good_rinse' => 'Good Rinse',
    'this_invitation_no_longer_opens_anything' => 'This invitation no longer works.',
    'it_has_been_used_has_run' => 'It has been used, has expired or was withdrawn. Ask for a new one.',
    'to_the_log_in' => 'To the log-in',
    'join' => 'Join “:invitation”.',
    'you_will_see_its_machines_and' => 'You will see its machines and its logbook, and can do rounds.',
    'join_2' => 'Join',
    'make_an_account_or_log_in' => 'Make an account or log in first. Then you come back here.',
    'make_an_account' => 'Make an account',
    'log_in' => 'Log in',
];
