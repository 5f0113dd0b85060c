<?php

declare(strict_types=1);

return [
    'readings_of' => 'Readings of :machine',
    'bring_in_a_table_of_readings' => 'Import a table of readings.',
    'comma_separated_text_a_header_first' => 'Comma-separated text, with a header line.',
    'when' => 'when',
    'is_a_day_or_a_day' => 'is a day or a day and time;',
    'total' => 'total',
    'is_what_the_counter_of_showed' => 'is what the counter of :machine showed, or',
    'uses' => 'uses',
    'how_many_there_were' => 'how many :use_unit there were.',
    'example' => "when,total\n2026-01-05 19:40,118\n2026-01-12,124",
    'a_file' => 'A file',
    'or_paste_it' => 'Or paste it',
    'the_counter_was_replaced_or_set' => 'The counter was replaced or set back, so a lower number is a new start',
    'look_through_it' => 'Check it',
    'back' => 'Back',
    'nothing_is_written_yet' => 'Nothing is saved yet.',
    'working_through_the_lines' => 'Working through the lines',
    'working_through_the_lines_years_of' => 'Working through the lines. Years of readings take a few seconds. Nothing is '
        .'saved before all of them are read.',
];
