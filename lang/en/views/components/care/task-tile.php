<?php

declare(strict_types=1);

return [
    'rhythm' => 'Rhythm: :rhythm',
    'whichever_comes_first' => 'whichever comes first',
    'soil_over_the_last_openings_it' => 'Soil over the last checks: it grew to what was found, fell to what was left, and is '
        .'at :percent % now.',
    'clean_by' => 'clean by',
    'now' => 'now',
    'how_it_comes_off_here' => 'How it comes off here',
    'start' => 'Start:',
    'with_other_jobs' => 'With other jobs',
    'read_it_first' => 'Read it first',
    'change_this_task' => 'Change this task',
    'what_it_caused_left_too_long' => 'What it caused, left too long',
    'something_points_to_it' => 'Something points to it?',
    'it_was_done_without_a_round' => 'It was done without a round',
    'when' => 'When?',
    'how_was_it' => 'How was it?',
    'how_did_it_go_back' => 'How did it go back?',
    'or_measured_how_much_was_blocked' => 'Or measured: how much was blocked, in %',
    'blocked_jets_of_all_jets_or' => 'Blocked jets of all jets, or of the mesh. It counts instead of the picture.',
    'write_it_down' => 'Write it down',
];
