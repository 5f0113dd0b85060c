<?php

declare(strict_types=1);

return [
    'where_they_differ' => 'Where they differ',
    'where_opinions_differ_and_what_we' => 'Where opinions differ, and what we do.',
    'rhythms_to_start_from' => 'Intervals to start from',
    'you_choose_one_for_each_job' => 'You choose one for each job when you add a machine, and can change it there. After that '
        .'your checks decide.',
    'our_line' => 'our line',
];
