<?php

declare(strict_types=1);

return [
    'title' => ':title · Good Rinse',
    'skip' => 'Skip to the page',
    'places' => 'Places',
    'today' => 'Today',
    'kitchen' => 'Kitchen',
    'rhythm' => 'Rhythm',
    'logbook' => 'Logbook',
    'handbook' => 'Handbook',
    'household' => 'Household',
];
