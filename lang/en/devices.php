<?php

declare(strict_types=1);

return [
    'added' => ':name is added. Give it its token, which is shown only now.',
    'rotated' => 'The old token no longer works.',
    'revoked' => 'Shut out. What it has counted stays.',
    'settled' => 'Taken note of. The dates follow from it.',
    'running' => 'The simulator is running; what it sends appears below.',
    'unknown_token' => 'This token does not work. Make a new one on the device\'s page.',
    'unreadable' => 'This cannot be read. Nothing was taken.',
    'events' => '{0} Nothing sent yet.|{1} One event.|[2,*] :count events.',
    'status' => ['taken' => 'taken', 'held' => 'waits for you', 'dropped' => 'left out'],
];
