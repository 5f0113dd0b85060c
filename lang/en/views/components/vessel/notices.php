<?php

declare(strict_types=1);

return [
    'danger_in_the' => 'Danger in the',
    'keep_apart' => 'Keep apart:',
    'what_to_do_now' => 'What to do now',
    'an_unknown_day' => 'an unknown day',
    'nothing_more_goes_in_until_it' => 'Nothing more goes in until it is cleared.',
    'until_it_is_cleared_keep_out' => 'Until it is cleared keep out:',
    'since' => ':holds since :what. :out',
];
