<?php

declare(strict_types=1);

return [
    'symptoms' => 'Symptoms',
    'what_do_you_notice' => 'What do you notice?',
    'what_your_machines_have_taught' => 'What your machines have taught',
    'noticed' => 'Noticed',
    'what_it_was' => 'What it was',
    'what_helped' => 'What helped',
    'since_then' => 'Since then',
    'not_known' => 'not known',
    'somebody_was_called' => 'a technician was called',
    'just_now' => 'just now',
    'under_each_what_most_often_is' => 'Under each, what most often is behind it, the likeliest first, and what helps.',
    'here' => 'Here:',
    'the_last_time' => 'the last time',
    'times_running' => 'times running',
    'it_held' => 'it stayed fixed for',
    'where_this_order_comes_from' => 'Where this order comes from',
];
