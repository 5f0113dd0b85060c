<?php

declare(strict_types=1);

return [
    'a_task_of_your_own' => 'A task of your own',
    'change' => 'Change:',
    'what_do_you_call_it' => 'What do you call it?',
    'wipe_the_toe_plate_vacuum_the' => 'Wipe the toe plate. Vacuum the coils.',
    'what_is_done_one_line_for' => 'What is done, one line for each step',
    'a_round_shows_one_step_after' => 'A round shows one step after the other. Write what can hurt into the step itself.',
    'minutes_of_your_hands' => 'Minutes of your hands',
    'every' => 'Every',
    'counted_in' => 'Counted in',
    'last_done_on' => 'Last done on',
    'leave_it_empty_when_nobody_knows' => 'Leave it empty if you don’t know.',
    'more_about_it' => 'More about it',
    'things_to_have_within_reach' => 'Things to have within reach',
    'commas_between' => 'Separate them with commas.',
    'what_gets_dirty' => 'What gets dirty?',
    'toe_plate_coils_bin' => 'Toe plate. Coils. Bin.',
    'how_is_it_judged' => 'How is it judged?',
    'with_a_scale_the_interval_learns' => 'With a scale the interval learns from how you find it.',
    'it_is_only_done' => 'It is only done',
    'nobody_checks_what_you_pour_in' => 'What you pour in a task of your own isn’t checked. Never pour in two cleaners one '
        .'after the other.',
    'keep_it' => 'Keep it',
    'leave_it_as_it_is' => 'Leave it as it is',
    'its_entries_stay_in_the_logbook' => 'Its entries stay in the logbook, and you can start it again.',
    'give_this_task_up' => 'Stop this task',
];
