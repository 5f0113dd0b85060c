<?php

declare(strict_types=1);

return [
    'add_a_machine' => 'Add a machine',
    'about_your' => ':questions about your :kind.',
    'dont_know_is_a_good_answer' => '“Don’t know” is a good answer: you are asked again when a round shows it.',
    'another_machine' => 'Another machine?',
    'how_hard_is_your_water' => 'How hard is your water?',
    'look_into_your_kettle' => 'Look into your kettle.',
    'more_if_you_know_it_its' => 'More, if you know it: its name, when it was last cleaned, how much it is used',
    'what_you_call_it_or_what' => 'What you call it, or what it says on the door',
    'where_it_stands_if_you_look' => 'Where it is (if you look after several)',
    'what_a_round_shows_you_anyway' => 'What a round shows you anyway',
    'put_it_in_the_kitchen' => 'Put it in the kitchen',
];
