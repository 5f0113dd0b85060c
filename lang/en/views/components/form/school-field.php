<?php

declare(strict_types=1);

return [
    'how_often_to_begin_with' => ':task: how often to begin with?',
    'only_a_start_after_that_what' => 'Only a start. After that, what you find sets the rhythm.',
    'as_it_fits_how_you_use' => 'What fits how you use it:fitting',
];
