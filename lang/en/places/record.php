<?php

declare(strict_types=1);

/** What happened at a step of a round, in its record. */
return [
    'done' => 'done',
    'not_done' => 'not done',
    'left_out' => 'skipped',
    'not_passed' => 'not passed: :answer',
    'answered' => ':answer',
    'overruled' => ':answer, left like this',
];
