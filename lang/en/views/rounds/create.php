<?php

declare(strict_types=1);

return [
    'a_round_on_the' => 'A round on the',
    'what_about_the' => 'What about the',
    'what_goes_into_this_round' => 'What goes into this round?',
    'nothing_is_done_about_it_on' => 'Nothing is done about it on its own. Pick from everything else.',
    'procedures' => 'Procedures',
    'takes_in_others' => 'takes in :runs others',
    'by_itself_only' => 'by itself only',
    'when_you_want_it' => 'when you want it',
    'show_the_total_time' => 'Show the total time',
    'in_one_round' => 'In one round',
    'this_round' => 'This round',
    'min' => ':hands min',
    'of_your_hands_in_all' => 'of your hands, :value in all.',
    'one_by_one_it_would_be' => 'One by one it would take :apart min.',
    'start' => 'Start',
    'these_dont_go_together' => 'These cannot be done together',
    'one_of_them_is_not_for' => 'One of them is not for this machine. Leave it out and try again.',
    'nothing_picked_yet' => 'Nothing picked yet',
    'nothing_is_due_here_pick_what' => 'Nothing is due here. Pick what you like. Every check improves the schedule.',
    'already_under_way' => 'Already under way',
];
