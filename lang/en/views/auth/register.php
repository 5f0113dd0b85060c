<?php

declare(strict_types=1);

return [
    'make_an_account' => 'Make an account',
    'good_rinse' => 'Good Rinse',
    'who_looks_after_the_kitchen' => 'Who looks after the kitchen?',
    'your_name' => 'Your name',
    'e_mail_address' => 'E-mail address',
    'password' => 'Password',
    'at_least_10_characters_a_few' => 'At least 10 characters. A few words in a row work well.',
    'make_the_account' => 'Make the account',
    'have_one_already' => 'Do you have one already?',
    'log_in' => 'Log in',
];
