<?php

declare(strict_types=1);

return [
    'ended_open' => 'The round ended with something left open: :what.',
    'open' => [
        'part-off' => ':part is off the machine',
        'not-tested' => ['lock-test' => 'the pull test was not done', 'no-suds' => 'not checked for suds'],
        'failed' => ['lock-test' => 'the filter lifts: it is not locked', 'no-suds' => 'suds are left'],
    ],
    'first_opening' => 'The first look: nothing to compare with yet, so the rhythm stays where it starts.',
    'advice' => [
        'part-off' => 'Put it back before the next load.',
        'lock-test' => 'Do not start a load until it stays down.',
    ],
];
