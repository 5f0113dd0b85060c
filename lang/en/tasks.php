<?php

declare(strict_types=1);

return [
    'kitchen' => 'Kitchen',
    'kept' => 'Saved. It has a date, and steps to follow.',
    'changed' => 'Saved. The next round uses it.',
    'ended' => 'It is no longer scheduled. What was written about it stays in the logbook.',
    'resumed' => 'It is back, with everything it has learned.',
    'no_lines' => 'Write at least one step, one line for each.',
    'no_part' => 'Say what gets dirty, so that it can be judged.',
    'too_many_lines' => 'That is more than :most steps. Put some together, or write two tasks.',
    'too_long_line' => 'One of the steps is longer than :most characters. Break it into two lines.',
    'fields' => [
        'title' => 'name of the task',
        'part' => 'part',
        'lines' => 'steps',
        'minutes' => 'minutes',
        'every' => 'interval',
        'unit' => 'unit',
        'scale' => 'scale',
        'needs' => 'list of things',
        'last_done' => 'day it was last done',
    ],
    'about' => 'Every :every, :minutes min. :steps.',
    'steps' => '{1} one step|[2,*] :count steps',
];
