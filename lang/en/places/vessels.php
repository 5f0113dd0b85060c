<?php

declare(strict_types=1);

return [
    'written' => 'Written down.',
    'cleared' => 'Cleared, and written down.',
    'met' => ':second met :first in it, which gives :gives.',
    'verdict' => [
        'go' => 'fine',
        'wasteful' => 'cancels out',
        'caution' => 'with care',
        'clear-first' => 'clear first',
        'never' => 'never',
    ],
];
