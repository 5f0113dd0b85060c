<?php

declare(strict_types=1);

return [
    'use_of' => 'Use of :machine',
    'as_you_said' => 'as you entered',
    'a_week' => ':use_unit a week:what.',
    'how_much_it_was_used_day' => 'How much it was used, day by day',
    'week_from' => 'Week from',
    'mon' => 'Mon',
    'tue' => 'Tue',
    'wed' => 'Wed',
    'thu' => 'Thu',
    'fri' => 'Fri',
    'sat' => 'Sat',
    'sun' => 'Sun',
    'in_all' => 'In all',
    'earlier' => 'Earlier',
    'later' => 'Later',
    'how_many_were_there' => 'How many were there?',
    'tap_the_first_day_and_the' => 'Tap the first day and the last, or write them here. What a counter counted stays as it is. A number '
        .'you entered before for the same days is replaced.',
    'from' => 'From',
    'to_that_day_too' => 'To, that day included',
    'about_how_many' => 'About how many',
    'write_it_down' => 'Write it down',
];
