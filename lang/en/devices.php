<?php

declare(strict_types=1);

return [
    'head' => [
        'jumped' => 'It jumped. What happened?',
        'backwards' => 'It counts backwards. What happened?',
        'shut_out' => 'Blocked.',
        'counts' => 'It counts.',
        'begins' => 'It starts to count.',
        'silent' => 'No data yet.',
    ],
    'last_heard' => 'Last data: :day at :time.',
    'not_heard' => 'No data yet.',
    'added' => ':name is added. Give it its token, which is shown only now.',
    'rotated' => 'The old token no longer works.',
    'revoked' => 'It can no longer send. What it has counted stays.',
    'settled' => 'Noted. The dates are updated.',
    'running' => 'The simulator is running. What it sends appears below.',
    'unknown_token' => 'This token does not work. Make a new one on the device\'s page.',
    'too_large' => 'One message can have :most bytes at most. Send it in parts.',
    'wrong' => [
        'event' => 'An event is an object with id, at, and total or light.',
        'id' => 'An id has up to 64 letters, digits, dots, colons and dashes.',
        'at' => 'A time is seconds since 1970, or like 2026-06-15T09:00:00+02:00.',
        'light' => 'A light is named by up to 40 letters.',
        'on' => 'A light is on: true or false.',
        'total' => 'A total is a number from 0 to 1000000000.',
    ],
    'unreadable' => 'This cannot be read. Nothing was saved.',
    'events' => '{0} Nothing sent yet.|{1} One event.|[2,*] :count events.',
    'status' => ['taken' => 'taken', 'held' => 'waits for you', 'dropped' => 'left out'],
];
