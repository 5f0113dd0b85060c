<?php

declare(strict_types=1);

return [
    'tasks_of_your_own' => 'Tasks of your own',
    'tasks_of_your_own_2' => 'Tasks of your own.',
    'what_is_the_new_one_for' => 'What is the new one for?',
    'the_kitchen_itself' => 'The kitchen itself',
    'worktop_bin_fridge_drain' => 'Worktop, bin, fridge, drain',
    'these_are_there' => 'The ones you have',
    'none_so_far' => 'None so far',
    'a_task_of_your_own_has' => 'A task of your own has a date, steps and a logbook like every other.',
    'you_gave_it_up' => 'You stopped it.',
    'take_up_again' => 'Start again: :title',
    'take_it_up_again' => 'Start it again',
    'change' => 'Change: :title',
    'change_it' => 'Change it',
];
