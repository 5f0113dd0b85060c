<?php

declare(strict_types=1);

return [
    'ahead' => 'ahead',
    'behind' => 'behind',
    'its_clock_is_its_times_are' => 'Its clock is :clock_ahead :what; its times are corrected by that.',
    'when' => 'When',
    'shows' => 'Shows',
    'what_became_of_it' => 'What happened to it',
    'on' => 'on',
    'off' => 'off',
    'came_in_late' => 'came in late',
];
