<?php

declare(strict_types=1);

return [
    // The box inside the application, until a mail server is named: MAIL_MAILER=smtp and the lines below.
    'default' => env('MAIL_MAILER', 'outbox'),
    'mailers' => [
        'outbox' => ['transport' => 'outbox'],
        'smtp' => [
            'transport' => 'smtp',
            'url' => env('MAIL_URL'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => (int) env('MAIL_PORT', 587),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 15,
        ],
    ],
    'from' => ['address' => env('MAIL_FROM_ADDRESS', 'good-rinse@localhost'), 'name' => 'Good Rinse'],
];
