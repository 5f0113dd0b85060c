<?php

declare(strict_types=1);

return [
    'title' => 'Logbook',
    'something' => 'Something',
    'opening' => [
        'told' => ':part cleaned, as far as you remember',
        'clear' => ':part opened: clear',
        'cleaned' => ':part opened: :found, left :left',
        'looked' => ':part looked at: :found, left as it was',
    ],
    'dose' => ':amount of :agent into the :vessel',
    'clearing' => [
        'rinse' => ':vessel rinsed out',
        'flush' => ':vessel flushed',
        'plain-cycle' => 'A plain cycle ran through the :vessel',
    ],
    'vessel' => ['sink' => 'sink', 'bowl' => 'bowl', 'tub' => 'tub'],
    'counter' => ':uses counted',
    'check' => [
        'lock-test' => ['passed' => 'Pull test: it stays down', 'failed' => 'Pull test: it lifts'],
        'no-suds' => ['passed' => 'No suds left', 'failed' => 'Suds were left; rinsed again'],
    ],
    'voiding' => ['undo' => 'An entry was taken back', 'correction' => 'An entry was set right'],
    'kind' => [
        'opening' => 'opening', 'dose' => 'poured', 'clearing' => 'cleared', 'counter' => 'use',
        'check' => 'check', 'note' => 'note', 'voiding' => 'undo',
    ],
    'undone' => 'Taken back. The dates are as if it had not happened.',
    'brought_back' => 'Brought back.',
];
