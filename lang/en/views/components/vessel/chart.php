<?php

declare(strict_types=1);

return [
    'and' => 'and :rest',
];
