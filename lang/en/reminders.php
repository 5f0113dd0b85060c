<?php

declare(strict_types=1);

return [
    'subject' => '{1} Due: :first, :machine|[2,*] Due: :first, :machine, and :others more',
    'hello' => 'Hello :name,',
    'hello_you' => 'Hello,',
    'due' => '{1} One job is due, about :minutes minutes of your hands:|[2,*] :Count jobs are due, about :minutes minutes of your hands '
        .'in all:',
    'since' => 'due :day',
    'go' => 'Begin here: :url',
    'stop' => 'To stop these mails: :url',
    'saved' => 'Saved.',
    'quiet_machines' => 'Machines are quiet then too: no plan runs one in these hours',
    'sent' => 'Sent.',
    'nothing' => 'Nothing is due, so there is nothing to send.',
    'feed_gone' => 'That address no longer works.',
    'kind' => 'In the calendar, each job is',
    'kinds' => [
        'both' => 'A to-do and a day, with one alarm',
        'events' => 'A day',
        'todos' => 'A to-do',
    ],
    'notice' => 'Due: :task, :machine',
    'device' => 'On this device',
    'device_line' => 'While Good Rinse is open here, the browser can tell you what falls due. It keeps to your hours.',
    'made' => ['calendar' => 'Address made', 'display' => 'Token made'],
    'display' => 'On a display',
    'display_line' => 'A display on the wall or a home automation program can read what is due, and why, from :url with a token.',
    'display_token' => 'The token. It is shown only now.',
    'display_do' => 'Make a token',
    'calendar' => [
        'window' => 'Most likely between :from and :to.',
        'takes' => '{1} About a minute of your hands.|[0,*] About :count minutes of your hands.',
        'over' => 'The wait is over, and the round can go on.',
    ],
];
