<?php

declare(strict_types=1);

return [
    'added' => ':name is in your kitchen.',
    'way_saved' => 'Kept. From now on the steps say it the way your machine is.',
    'seen' => 'Noted. From here on the steps fit it.',
    'before_day' => 'Say on which day: new, or cleaned last.',
    'before_parts' => 'Tick what was cleaned on that day.',
    'before_told' => 'Written down. What you told is where the first finding is counted from.',
    'saved' => 'Saved. The dates below follow from it.',
    'counted' => 'One more counted for :name.',
    'known' => [
        'counted' => 'counted',
        'told' => 'told, spread over its days',
        'estimated' => 'estimated, as nobody told',
        'away' => 'nobody there',
    ],
    'told_days' => 'Written down for these days, for :name.',
    'back' => 'Welcome back. Nobody was there until yesterday; the dates follow.',
    'told' => 'About as many as that, spread over the week, for :name.',
    'about_how_many' => 'number of uses',
    'light_on' => 'Noted: the light is on. The job it asks for is due today.',
    'light_off' => 'Noted: the light is out.',
    'noticed' => 'Noted. The job is due today; when it is done you are asked whether it came from there.',
    'caused' => 'Kept. The part counts as clogged at that moment, and the rhythm learns from it.',
    'not_caused' => 'Kept. The rhythm learns nothing from it.',
    'put_off' => 'You are reminded on :day. The clock runs on.',
    'until' => 'day', 'reason' => 'reason',
    'away_which' => 'Tick at least one machine.',
    'away_order' => 'That ends before it begins. Change one of the two days.',
    'away_kept' => 'Saved. Use counts pause while nobody is there. Mould grows on.',
    'logged' => 'Written down. The dates below follow from it.',
    'part_added' => 'Added. Rounds take it off and count it back in.',
    'part_removed' => 'Taken away.',
];
