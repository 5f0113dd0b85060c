<?php

declare(strict_types=1);

return [
    'ended_open' => 'The round ended with something left open: :what.',
    'open' => [
        'part-off' => ':part is off the machine',
        'not-tested' => [
            'lock-test' => 'the pull test was not done',
            'spin-test' => 'nobody has spun the arms',
            'impeller-free' => 'the impeller was not tried',
            'no-bleach-smell' => 'nobody has smelt for bleach',
            'no-acid-smell' => 'nobody has smelt for vinegar',
            'runs-dry' => 'it was not run empty',
            'dry-filters' => 'nobody has checked that the filters are dry',
        ],
        'failed' => [
            'lock-test' => 'the filter lifts: it is not locked',
            'spin-test' => 'an arm sticks',
            'impeller-free' => 'the drain impeller jams',
            'no-bleach-smell' => 'it smells of bleach',
            'no-acid-smell' => 'it smells of vinegar',
            'runs-dry' => 'it is wet or loud',
            'dry-filters' => 'the filters drip',
        ],
    ],
    'first_opening' => 'The first look: nothing to compare with yet, so the rhythm stays where it starts.',
    'advice' => [
        'part-off' => 'Put it back before the next load.',
        'lock-test' => 'Do not start a load until it stays down.',
    ],
];
