<?php

declare(strict_types=1);

return [
    'dates_before_and_after' => 'Dates before and after',
    'machine' => 'Machine',
    'job' => 'Job',
    'starts_from' => 'Starts from',
    'now' => 'Now',
    'then' => 'Then',
    'moves' => 'Moves',
    'every_date_stays_where_it_is' => 'Every date stays where it is.',
];
