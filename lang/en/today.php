<?php

declare(strict_types=1);

return [
    'soil' => 'About :percent % :fouls by now: ',
    'strip_due' => ':job of :machine, due about :when',
    'strip_again' => ':job of :machine, cleaned today, again about :when',
    'strip_none' => 'Nothing falls due.',
    'use' => [
        'away' => 'nobody there until :day',
        'week' => ':uses in the last 7 days',
        'rate' => 'not counted lately; about :uses a week',
    ],
    'state' => [
        'fresh' => 'fresh',
        'settling' => 'settling',
        'soon' => 'soon',
        'due' => 'due',
        'overdue' => 'overdue',
        'unknown' => 'not looked at yet',
        'undone' => 'not done here yet',
    ],
    'estimated' => 'About :uses of that is estimated, as nobody counted.',
    'estimated_all' => 'That is estimated, as nobody counted.',
    'away' => ' (nobody is there)',
    'look_by' => 'look once, :when',
    'look_once' => 'look once',
    'never_looked' => 'nobody has looked yet',
    'never_done' => 'not done here yet',
    'do_by' => 'do it once, :when',
    'do_once' => 'do it once',
    'no_date' => 'no date yet',
    'over' => '{1} due, a day over|[2,*] due, :days days over',
    'due_today' => 'due today',
    'due_in' => 'due :when',
    'sure' => '{1} One check so far puts it between :from and :to.|[2,*] :openings checks put it between :from and :to (80 % likely).',
    'sure_none_yet' => 'A guess until the next check: between :from and :to.',
    'sure_none' => 'A guess until the first check: between :from and :to.',
];
