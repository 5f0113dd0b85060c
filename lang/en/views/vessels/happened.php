<?php

declare(strict_types=1);

return [
    'what_to_do_now' => 'What to do now',
    'do_this_now' => 'Do this now.',
    'written_down_now_rinse_it_out' => 'Written down. Now rinse it out.',
    'once_the_air_is_clear' => 'Once the air is clear',
    'it' => 'it',
    'count' => 'count',
    'counts' => 'counts',
    'until_that_is_written_down_as' => ':remedy Until that is written down, :what :what2 as still in the :vessel_name.',
    'it_did_not_happen_take_it' => 'It did not happen; take it back',
];
