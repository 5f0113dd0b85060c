<?php

declare(strict_types=1);

return [
    'nobody_at_home' => 'Nobody at home',
    'nobody_at_home_for_a_while' => 'Nobody at home for a while?',
    'clocks_that_count_loads_brews_or' => 'Counts of loads, brews and hours pause, and so do days of soil. Mould keeps growing: the seal '
        .'and the sump keep their days. Nobody is reminded meanwhile.',
    'from' => 'From',
    'to_that_day_too' => 'To, that day included',
    'which_machines_stand_still' => 'Which machines are not used?',
    'what_for_if_you_like' => 'What for? (if you like)',
    'let_them_rest' => 'Save',
    'back' => 'Back',
    'back_early_say_so_on_today' => 'Back early? Say so on Today, and the dates are updated.',
];
