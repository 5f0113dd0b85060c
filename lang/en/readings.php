<?php

declare(strict_types=1);

return [
    'table' => 'table', 'file' => 'file',
    'not_text' => 'That is not text in UTF-8. Save the table as CSV and try again.',
    'written' => '{0} Nothing new was in it.|{1} One reading is written down.|[2,*] :count readings are written down.',
    'good' => '{1} one line can be used|[2,*] :count lines can be used',
    'not' => '{1} one cannot|[2,*] :count cannot',
    'lines' => '{1} one line|[2,*] :count lines',
    'asks' => [
        'marks' => 'What is the mark in a number like 1,120?',
        'thousands' => 'It parts thousands: one thousand one hundred and twenty.',
        'decimals' => 'It parts the decimals: a little more than one.',
        'order' => 'Which comes first in a day like 03/04/2026?',
        'day-first' => 'The day: 3 April.',
        'month-first' => 'The month: March 4.',
    ],
    'bad' => [
        'header' => 'the first line must name the columns: when, and total or uses.',
        'no-time' => '":when" is no day that exists; write it as 2026-01-05 or 2026-01-05 19:40, or as your spreadsheet does.',
        'future' => ':when has not come yet.',
        'no-number' => '":number" is no number from 0 up.',
        'twice' => 'the same time as line :line.',
        'backwards' => ':total after :before goes backwards. If the counter was replaced, tick that it was.',
        'jumps' => ':total after :before is more than the machine can have made in that time. If another counter took its place, tick '
            .'that it was replaced.',
        'there' => 'already written down.',
        'too-many' => 'more than :most lines; bring in the rest in another go.',
    ],
    'loudness' => [
        'listen' => 'Listen with this phone',
        'level' => 'Loudness :level of 100. Rough: only good for comparing before and after, with the phone in the same place.',
        'refused' => 'The phone does not let this page listen.',
    ],
];
