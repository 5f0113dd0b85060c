<?php

declare(strict_types=1);

return [
    'what_starts_from' => 'What :machine starts from',
    'what_its_rhythms_start_from' => 'What its rhythms start from.',
    'this_is_what_would_move' => 'This is what would move.',
    'no_date_would_move' => 'No date would move.',
    'use_it' => 'Use it',
    'leave_it_as_it_was' => 'Leave it as it was',
    'see_what_moves' => 'See what moves',
    'back_to_the_rhythm' => 'Back to the rhythm',
    'descaling_starts_from_the_hardness_of' => 'Descaling starts from the hardness of your water:',
    'set_it_here' => 'set it here',
];
