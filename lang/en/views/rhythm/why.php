<?php

declare(strict_types=1);

return [
    'why' => 'Why: :care',
    'rhythm' => ':machine, rhythm',
    'in_words' => 'In words',
    'this_clock_decides' => 'this one decides the date',
    'counted_in' => 'Counted in :unit:what',
    'one_fouling_is_the_way_from' => 'One fouling is the way from clean to the clean-by line, :clean_by % blocked. Each older check '
        .'counts less: half after :memory more.',
    'openings_that_taught_the_clock_of' => 'Checks that set the interval in :unit',
    'opened' => 'Checked',
    'found' => 'Found',
    'uses_foulings' => 'Uses ÷ foulings',
    'interval' => 'Interval',
    'earlier_ones_are_in_the_sums' => ':clock earlier ones are in the sums too.',
    'do_it' => 'Do it',
    'start' => 'Start:',
    'a_task_of_your_own' => 'A task of your own',
    'it_starts_from_what_you_set' => 'It starts from what you set and learns from how you find it.',
    'it_stays_at_what_you_set' => 'It stays at what you set.',
    'change_this_task' => 'Change this task',
    'kept_at' => 'Kept at',
    'it_learns' => 'It learns.',
    'how_it_goes_on' => 'How it goes on',
    'learn_from_what_is_found' => 'Learn from what is found',
    'keep_it_at' => 'Keep it at :unit',
    'keep_it_at_as_it_is' => 'Keep it at :unit, as it is now',
    'keep_it_at_where_it_started' => 'Keep it at :unit, where it started',
    'never_under_days' => 'Never below, days',
    'never_over_days' => 'Never above, days',
    'keep_it_so' => 'Save',
    'start_it_otherwise' => 'Change how it starts',
    'another_school_or_other_habits_see' => 'Choose another approach, or other habits; you see what moves before you decide.',
    'change_the_start' => 'Change the start',
];
