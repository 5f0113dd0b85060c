<?php

declare(strict_types=1);

return [
    'what_else_it_needs' => 'What else it needs',
    'this_machine' => 'This machine',
    'how_you_use_it' => 'How you use it',
    'not_known_yet' => 'not known yet',
    'still_unknown' => 'Still unknown',
    'thing' => 'thing',
    'things' => 'things',
    'rounds_ask_as_they_show_them' => ':unsaid :what; rounds ask about them as they show them',
    'the_light' => 'The :light light',
    'on_since' => 'on since',
    'off' => 'off',
    'it_went_out' => 'It went out',
    'it_is_on' => 'It is on',
    'counted_in_the_last_7_days' => 'Counted in the last 7 days',
    'nothing_counted_yet' => 'nothing counted yet',
    'a_round_is_under_way' => 'A round is under way',
    'go_on_with_the_round' => 'Go on with the round',
    'when_you_want_it' => 'When you want it',
    'several_in_one_round' => 'Several in one round',
    'no_date_is_set_for_these' => 'No date is set for these.',
    'poured_something' => 'Poured something?',
];
