<?php

declare(strict_types=1);

return [
    'what_did_they_find' => 'What did they find?',
    'what_was_wrong' => 'What was wrong',
    'not_known_or_something_else' => 'Not known, or something else',
    'what_they_said_or_did' => 'What they said or did',
    'what_it_cost' => 'What it cost',
    'keep_it' => 'Keep it',
];
