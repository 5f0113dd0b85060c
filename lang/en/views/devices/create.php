<?php

declare(strict_types=1);

return [
    'counters_of' => 'Counters of :machine',
    'let_a_counter_do_the_counting' => 'Let a counter do the counting.',
    'add_one_to' => 'Add one to :machine',
    'name' => 'Name',
    'a_simulated_one_to_try_it' => 'A simulated one, to try it: it makes up its counts',
    'add_it' => 'Add it',
    'back' => 'Back',
    'already_there' => 'Already there',
    'shut_out' => 'blocked',
    'last_data' => 'last data: :at',
    'no_data_yet' => 'no data yet',
    'no_counter_yet' => 'No counter yet.',
    'have_a_table_of_readings_instead' => 'Have a table of readings instead?',
];
