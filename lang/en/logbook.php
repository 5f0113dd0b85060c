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
        'done' => ':task done',
    ],
    'dose' => ':amount of :agent into the :vessel',
    'dose_unmeasured' => ':agent into the :vessel',
    'strength' => ' (:percent %)',
    'clearing' => [
        'rinse' => ':vessel rinsed out',
        'flush' => ':vessel flushed',
        'plain-cycle' => 'A plain cycle ran through the :vessel',
        'plain-brews' => 'Plain water ran through the :vessel, twice the tank',
    ],
    'reading_number' => ':name: :number :unit',
    'reading_ratio' => ':name: :number of :of :unit shut',
    'reading_picks' => ':name: :picks',
    'reading_gone' => 'Noticed: :number',
    'fitted' => 'New part fitted: :part',
    'counter' => ':uses counted',
    'check' => [
        'lock-test' => ['passed' => 'Pull test: it stays down', 'failed' => 'Pull test: it lifts'],
        'no-suds' => ['passed' => 'No suds left', 'failed' => 'Suds were left; rinsed again'],
        'spin-test' => ['passed' => 'Spin test: every arm runs freely', 'failed' => 'Spin test: an arm sticks'],
        'impeller-free' => ['passed' => 'The drain impeller turns', 'failed' => 'The drain impeller jams'],
        'no-bleach-smell' => ['passed' => 'No smell of bleach left', 'failed' => 'It still smelled of bleach'],
        'no-acid-smell' => ['passed' => 'No smell of vinegar left', 'failed' => 'It still smelled of vinegar'],
        'runs-dry' => ['passed' => 'Run empty: dry and quiet', 'failed' => 'Run empty: wet or loud'],
        'drains' => ['passed' => 'It drains', 'failed' => 'It does not drain'],
        'heats' => ['passed' => 'It heats', 'failed' => 'It does not heat'],
        'dry-filters' => ['passed' => 'The filters are dry', 'failed' => 'The filters still dripped'],
    ],
    'voiding' => ['undo' => 'An entry was taken back', 'correction' => 'An entry was set right'],
    'kind' => [
        'opening' => 'opening', 'dose' => 'poured', 'clearing' => 'cleared', 'counter' => 'use',
        'check' => 'check', 'reading' => 'reading', 'part-fitted' => 'new part', 'note' => 'note', 'voiding' => 'undo',
    ],
    'undone' => 'Taken back. The dates are as if it had not happened.',
    'brought_back' => 'Brought back.',
];
