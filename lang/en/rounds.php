<?php

declare(strict_types=1);

return [
    'ended_open' => 'The round ended with something left open: :what.',
    'photo_heic' => 'That is a HEIC picture, which not every device can show. Set the camera to JPEG (often called “most compatible”) and take it again.',
    'photo_sort' => 'That picture could not be read. Take it again, or choose a JPEG, PNG or WebP file.',
    'photo_big' => 'That picture is too large: 12 MB is the most. Take it with a smaller resolution.',
    'missing' => 'Not ticked off: :what. Get it before you open the machine, or say that you go on without.',
    'was_late' => ':label: it was :minutes minutes, and :most is the most it may be.',
    'begun_without' => 'Begun without: :what.',
    'left_over' => 'Left over at “:step”: :what.',
    'run_anyway' => 'Run all the same: :what.',
    'put_right' => 'Put right: :what.',
    'settled' => 'Good. The :machine is whole again.',
    'late' => [
        'harmless' => 'Being late does no harm here.',
    ],
    'open' => [
        'left-over' => 'something is left over from the :part',
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
