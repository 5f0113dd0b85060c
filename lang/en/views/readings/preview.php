<?php

declare(strict_types=1);

return [
    'readings_of' => 'Readings of :machine',
    'how_is_it_written' => 'How is it written?',
    'none_of_these_lines_can_be' => 'None of these lines can be used.',
    'left_out' => 'Left out',
    'line' => 'Line :line:',
    'to_be_written' => 'To be saved',
    'line_2' => 'Line',
    'when' => 'When',
    'total' => 'Total',
    'uses' => 'Uses',
    'and_more' => 'And :more more.',
    'put_it_right_here_or_go' => 'Correct it here, or go on without those lines',
    'the_table' => 'The table',
    'the_counter_was_replaced_or_set' => 'The counter was replaced or set back, so a lower number is a new start',
    'write_down' => 'Save :good',
    'look_again' => 'Look again',
    'write_nothing' => 'Save nothing',
    'working_through_the_lines' => 'Working through the lines',
    'working_through_the_lines_years_of' => 'Working through the lines. Years of readings take a few seconds. Nothing is '
        .'saved before all of them are read.',
];
