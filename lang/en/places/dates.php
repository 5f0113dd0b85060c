<?php

declare(strict_types=1);

/** How a date moves when something it follows from is changed. */
return [
    'no_schedule' => 'no schedule',
    'no_date' => 'no date',
    'since' => 'due since :day',
    'new' => 'new',
    'stays' => 'stays',
    'later' => ':days later',
    'earlier' => ':days earlier',
];
