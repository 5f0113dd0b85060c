<?php

declare(strict_types=1);

return [
    'logbook' => 'Logbook',
    'what_the_logbook_shows' => 'What the logbook shows',
    'care' => 'Care',
    'uses' => 'Uses',
    'everything_with_undos' => 'Everything, with undos',
    'pictures' => 'Pictures',
    'all_machines' => 'All machines',
    'find_a_word_some_days_one' => 'Find: a word, some days, one person',
    'a_word' => 'A word',
    'from' => 'From',
    'to_that_day_too' => 'To, that day included',
    'by' => 'By',
    'anybody' => 'anybody',
    'find' => 'Find',
    'show_all_again' => 'Show all again',
    'no_pictures_yet_a_round_takes' => 'No pictures yet. A round takes them, step by step.',
    'every_round_every_opening_and_every' => 'Every round, every check and every load you count is listed here. You can undo each.',
    'more_from_the_same_round' => ':lines more from the same round',
    'set_right_since' => 'corrected since',
    'taken_back' => 'taken back',
    'set_right' => 'Correct: :words',
    'set_right_2' => 'Correct',
    'bring_back' => 'Bring back',
    'undo' => 'Undo',
    'see_the_round' => 'See the round',
    'earlier' => 'Earlier',
];
