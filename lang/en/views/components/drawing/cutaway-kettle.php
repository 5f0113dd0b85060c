<?php

declare(strict_types=1);

return [
    'cut_open' => ':machine, cut open',
    'base' => 'base',
];
