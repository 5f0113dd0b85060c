<?php

declare(strict_types=1);

return [
    'rhythm' => 'Rhythm',
    'how_often' => 'How often',
    'needs_care_and_why' => 'needs care, and why.',
    'nothing_on' => 'Nothing on',
    'follows_a_clock' => 'has a schedule.',
    'machine' => 'Machine',
    'change_the_start' => 'Change the start',
    'calendar_and_mail' => 'Calendar and mail',
    'nobody_at_home' => 'Nobody at home',
    'learned_from' => 'learned from',
    'to_begin_with' => 'to begin with',
    'as_a_table_and_where_it' => 'As a table, and where it started',
    'openings_of' => 'Checks of :care',
    'opened' => 'Checked',
    'found' => 'Found',
    'left' => 'Left',
    'after' => 'After',
    'interval_then' => 'Interval then',
    'as_before' => 'as before',
    'nobody_has_opened_it_in_the' => 'Not checked in the last year.',
    'the_more_urgent_ones' => 'The more urgent ones',
    'more' => ':years more',
    'on_no_clock_only_when_you' => 'No schedule, done when you like: :resting.',
    'put_one_on_a_clock' => 'Give one a schedule',
];
