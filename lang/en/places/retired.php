<?php

declare(strict_types=1);

return [
    'title' => 'Remove :name from the kitchen',
    'head' => 'Remove :name from the kitchen?',
    'line' => 'It no longer falls due. Everything written about it is kept, and you can put it back.',
    'how' => 'What happens to it?',
    'way' => [
        'sold' => 'Sold', 'given' => 'Given away', 'replaced' => 'Replaced by a new one', 'broken' => 'Broken, not repaired',
        'stored' => 'Put away for later',
    ],
    'on' => 'When?',
    'papers' => 'To hand over with it',
    'papers_line' => 'Its service record to read, and its whole history as a file that another household can import.',
    'record' => 'Service record (PDF)',
    'file' => 'Its history (ZIP with JSON)',
    'do' => 'Remove it from the kitchen',
    'back' => 'Leave it where it is',
    'done' => ':name is removed from the kitchen. You find it after your machines.',
    'now_the_new' => ':name is removed from the kitchen. Now add the new one.',
    'restored' => ':name is back in the kitchen.',
    'restore' => 'Put it back in the kitchen',
    'round_open' => 'A round is under way on :name. Finish or stop it first.',
    'in_use_only' => 'This machine is not in the kitchen any more. Put it back first.',
    'left' => [
        'sold' => 'Sold on :day', 'given' => 'Given away on :day', 'replaced' => 'Replaced on :day', 'broken' => 'Broken on :day',
        'stored' => 'Put away on :day',
    ],
    'aside' => 'No longer in the kitchen',
    'logbook' => 'Its logbook',
    'service_record' => 'Service record',
    'printed' => 'Printed on :day',
    'what' => 'The machine',
    'lines' => 'What was done and found',
    'no_lines' => 'Nothing was written down.',
    'fact' => [
        'model' => 'Model', 'serial' => 'Serial number', 'bought' => 'Bought on', 'warranty' => 'Warranty until', 'marks' => 'Details',
    ],
];
