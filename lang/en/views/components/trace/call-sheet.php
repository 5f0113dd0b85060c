<?php

declare(strict_types=1);

return [
    'both_stand_on_its_rating_label' => 'Both are on its rating label.',
    'model_serial' => ':machine:place. Model: :model. Serial: :serial.:what',
    'bought' => 'Bought :bought_on.',
    'warranty_until' => 'Warranty until :warranty_until.',
    'what_is_noticed' => 'What is noticed',
    'first_looked_into_on' => ':names. First looked into on :begun_at.',
    'seen_measured_tried' => 'Seen, measured, tried',
    'nothing_yet' => 'Nothing yet.',
    'what_it_may_be' => 'What it may be',
    'as_good_as_ruled_out' => 'Almost ruled out',
    'done_to_it_lately' => 'Care it has had lately',
];
