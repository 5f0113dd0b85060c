<?php

declare(strict_types=1);

return [
    'handbook' => 'Handbook',
    'what_do_you_want_to_look' => 'What do you want to look up?',
    'search_the_handbook' => 'Search the handbook',
    'filter_smell_vinegar' => 'filter, smell, vinegar …',
    'nothing_holds_all_of_these_words' => 'Nothing has all of these words. Try fewer, or all kinds of machines.',
    'found' => 'found.',
    'as_it_is_done_on_this' => '· as it is done on this machine',
    'of_waiting' => 'of waiting',
    'min_of_hands' => ':hands min of hands:what',
    'not_on_this_machine' => 'Not on this machine:',
    'elsewhere_in_the_handbook' => 'Elsewhere in the handbook',
    'one_job' => 'One job at a time',
    'several' => 'Several in one go',
];
