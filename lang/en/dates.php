<?php

declare(strict_types=1);

return [
    'today' => 'today',
    'tomorrow' => 'tomorrow',
    'yesterday' => 'yesterday',
    'in' => 'in :days days',
    'ago' => ':days days ago',
];
