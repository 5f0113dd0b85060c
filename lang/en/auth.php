<?php

declare(strict_types=1);

return [
    'failed' => 'E-mail address or password is wrong.',
    'throttle' => 'Too many tries. Wait :seconds seconds.',
    'logged_out' => 'You are logged out.',
    'joined' => 'Welcome. This is the household\'s page for today.',
];
