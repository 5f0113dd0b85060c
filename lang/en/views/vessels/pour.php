<?php

declare(strict_types=1);

return [
    'find' => 'Type to find what it was',
    'poured_into_the' => 'Poured into the :vessel_name',
    'what_went_into_the' => 'What went into the :vessel_name?',
    'since_it_was_last_cleared' => 'Since it was last cleared:',
    'as_far_as_the_logbook_knows' => 'As far as the logbook shows, nothing is left in it.',
    'another_vessel' => 'Another vessel',
    'what_was_it' => 'What was it?',
    'choose_one_to_see_whether_it' => 'Choose one to see whether it is safe.',
    'it_has_already_happened' => 'It has already happened.',
    'it_has_already_happened_whatever_is' => 'It has already happened, whatever is said about it.',
    'write_it_down' => 'Write it down',
    'how_much_how_strong_when' => 'How much, how strong, when',
    'amount' => 'Amount',
    'in' => 'in',
    'strength' => 'Strength, %',
    'day' => 'Day',
    'time' => 'Time',
];
