<?php

declare(strict_types=1);

return [
    'clock-decides' => ':elapsed since the last check, of about :interval.',
    'clock-decides-since' => ':elapsed since :since:absent, of about :interval.',
    'absent' => '{1} without the day nobody was at home|[2,*] without the :days days nobody was at home',
    'clock-decides-added' => ':elapsed since it came into your kitchen, of about :interval.',
    'clock-decides-today' => 'Checked just now. About :interval until it is due.',
    'nothing-learned' => 'Nothing has been found here yet, so it starts from :interval.',
    'nothing-learned-yet' => 'How long it had run before the first check is not known, so it still starts from :interval. The next check '
        .'adjusts it.',
    'learned' => ':grade after :uses, so :before became :after:limit.',
    'learned-same' => ':grade after :uses, so it stays at :before:limit.',
    'left-due' => 'It was left as it was then (:grade), so it is due until it is cleaned.',
    'kept' => 'You keep it at :interval, whatever is found.',
    'kept-done' => 'You keep it at :interval.',
    'kept-instead' => 'You keep it at :interval; what was found would make it :instead.',
    'look-once-late' => 'Not checked yet. Check it once to set the schedule.',
    'do-once-late' => 'Not done here yet. Do it once to start its schedule.',
    'do-once' => 'Not done here yet. Do it once by :by to start its schedule.',
    'look-once' => 'Not checked yet. Check it once by :by to set the schedule.',
    'left-in-place' => 'What was left in place then (:grade) counts as :uses already run.',
    'no-use' => 'No :unit are counted, so there is no date.',
    'signal-light' => 'The :name light is on, so it is due today.',
    'signal-symptom' => ':name points here, so it is due today.',
    'signal-slow' => 'A pot takes :name % longer than when the machine was clean, so it is due today.',
    'signal-never-opened' => 'Not checked yet. Check it once to set the schedule.',
    'snoozed' => 'You asked to be reminded on :until; the interval runs on.',
    'away' => 'Use counts pause until :until, while nobody is at home. Mould keeps growing.',
    'measured' => ':percent % blocked',
    'limit' => [
        'doubled' => ' (one check may at most double it)',
        'halved' => ' (one check may at most halve it)',
        'least' => ' (never shorter than that)',
        'most' => ' (never longer than that)',
    ],
];
