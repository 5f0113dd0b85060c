<?php

declare(strict_types=1);

return [
    'table' => 'table', 'file' => 'file',
    'not_text' => 'That is not text in UTF-8. Save the table as CSV and try again.',
    'written' => '{0} It held nothing new.|{1} One reading is saved.|[2,*] :count readings are saved.',
    'good' => '{1} one line can be used|[2,*] :count lines can be used',
    'not' => '{1} one cannot|[2,*] :count cannot',
    'lines' => '{1} one line|[2,*] :count lines',
    'asks' => [
        'marks' => 'What is the mark in a number like 1,120?',
        'thousands' => 'It separates thousands: one thousand one hundred and twenty.',
        'decimals' => 'It separates decimals: a little more than one.',
        'order' => 'Which comes first in a day like 03/04/2026?',
        'day-first' => 'The day: 3 April.',
        'month-first' => 'The month: March 4.',
    ],
    'bad' => [
        'header' => 'the first line must name the columns: when, and total or uses.',
        'no-time' => '":when" is not a day that exists. Write it as 2026-01-05 or 2026-01-05 19:40, or as your spreadsheet does.',
        'future' => ':when has not come yet.',
        'no-number' => '":number" is not a number of 0 or more.',
        'twice' => 'the same time as line :line.',
        'backwards' => ':total after :before goes backwards. If the counter was replaced, tick that it was.',
        'jumps' => ':total after :before is more than the machine can have done in that time. If another counter took its place, '
            .'tick that it was replaced.',
        'there' => 'already saved.',
        'too-many' => 'more than :most lines. Import the rest in another go.',
    ],
    'loudness' => [
        'listen' => 'Listen with this phone',
        'level' => 'Loudness :level of 100. Rough: only good for comparing before and after, with the phone in the same place.',
        'refused' => 'This page is not allowed to use the microphone.',
    ],
];
