<?php

declare(strict_types=1);

return [
    'set_it_right' => 'Correct it',
    'what_should_it_have_said' => 'What should it have said?',
    'it_says_the_old_line_stays' => 'It says: :words. The old line stays in the logbook, struck out, and the dates are worked '
        .'out from the new one.',
    'from' => 'From',
    'to_that_day_too' => 'To, that day included',
    'day' => 'Day',
    'time_if_you_know_it' => 'Time, if you know it',
    'what_was_done' => 'What was done',
    'found' => 'Found',
    'left' => 'Left',
    'amount' => 'Amount',
    'in' => 'in',
    'strength' => 'Strength, %',
    'how_many_in_these' => 'How many in these',
    'days' => 'days',
    'how_many' => 'How many',
    'note' => 'Note',
    'machine' => 'Machine',
    'leave_it' => 'Leave it',
];
