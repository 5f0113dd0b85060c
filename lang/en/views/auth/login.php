<?php

declare(strict_types=1);

return [
    'log_in' => 'Log in',
    'good_rinse' => 'Good Rinse',
    'know_what_your_dishwasher_needs_before' => 'Know what your dishwasher needs before it is trouble.',
    'e_mail_address' => 'E-mail address',
    'password' => 'Password',
    'stay_logged_in_on_this_device' => 'Stay logged in on this device',
    'new_here' => 'New here?',
    'make_an_account' => 'Make an account',
];
