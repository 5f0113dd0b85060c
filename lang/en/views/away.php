<?php

declare(strict_types=1);

return [
    'nobody_at_home' => 'Nobody at home',
    'nobody_at_home_for_a_while' => 'Nobody at home for a while?',
    'clocks_that_count_loads_brews_or' => 'Clocks that count loads, brews or hours stand still, and so do days of '
        .'soil. Mould grows on: the seal and the '
        .'sump keep their days. Nobody is reminded meanwhile.',
    'from' => 'From',
    'to_that_day_too' => 'To, that day too',
    'which_machines_stand_still' => 'Which machines are not used?',
    'what_for_if_you_like' => 'What for? (if you like)',
    'let_them_rest' => 'Let them rest',
    'back' => 'Back',
    'back_early_say_so_on_today' => 'Back early? Say so on Today; the dates follow.',
];
