<?php

declare(strict_types=1);

return [
    'one_fewer_shut' => ':rule: one fewer shut',
    'shut' => ':rule, shut',
    'one_more_shut' => ':rule: one more shut',
    'shut_of' => 'shut of',
    'all' => ':rule, all :unit',
];
