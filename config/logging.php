<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => [
            'driver' => 'daily',
            'path' => env('LOG_PATH', storage_path('logs/good-rinse.log')),
            'level' => 'warning',
            'days' => 14,
        ],
        'stderr' => ['driver' => 'errorlog', 'level' => 'warning'],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
