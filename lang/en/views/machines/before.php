<?php

declare(strict_types=1);

return [
    'what_came_before' => 'What came before: :machine',
    'what_came_before_2' => 'What came before?',
    'parts_that_were_cleaned_on_different' => 'If parts were cleaned on different days, enter one day, then come back for the next.',
    'write_it_down' => 'Write it down',
    'back_to' => 'Back to :machine',
    'what_is_known_so_far' => 'What is known so far',
    'last_on' => 'last on',
    'nothing_yet' => 'nothing yet',
];
