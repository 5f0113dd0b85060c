<?php

declare(strict_types=1);

return [
    'before' => 'before',
    'after' => 'after',
];
