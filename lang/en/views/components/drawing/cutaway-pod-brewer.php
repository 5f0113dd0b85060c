<?php

declare(strict_types=1);

return [
    'cut_open' => ':machine, cut open',
    'drip_tray' => 'drip tray',
];
