<?php

declare(strict_types=1);

// Nothing waits in a queue: mails and digests are sent by the scheduler's own command.
return [
    'default' => 'sync',
    'connections' => ['sync' => ['driver' => 'sync']],
    'failed' => ['driver' => 'null'],
];
