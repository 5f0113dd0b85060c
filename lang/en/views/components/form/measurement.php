<?php

declare(strict_types=1);

return [
    'one_fewer_shut' => ':rule: one fewer blocked',
    'shut' => ':rule, blocked',
    'one_more_shut' => ':rule: one more blocked',
    'shut_of' => 'blocked of',
    'all' => ':rule, all :unit',
];
