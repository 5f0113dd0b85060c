<?php

declare(strict_types=1);

return [
    'installed_new_on' => 'Installed new on',
    'everything_in_it_was_clean_then' => 'Everything in it was clean then.',
    'when_was_it_last_cleaned' => 'When was it last cleaned?',
    'leave_out_what_you_dont_know' => 'Leave out what you don’t know or never did: you are asked to check it once, soon.',
    'what_was_cleaned_then' => 'What was cleaned then?',
];
