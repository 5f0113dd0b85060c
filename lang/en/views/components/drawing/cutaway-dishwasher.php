<?php

declare(strict_types=1);

return [
    'cut_open' => ':machine, cut open',
    'door_seal' => 'door seal',
    'vent' => 'vent',
    'top_arm' => 'top arm',
    'upper_arm' => 'upper arm',
    'upper_rack' => 'upper rack',
    'lower_rack' => 'lower rack',
    'lower_arm' => 'lower arm',
    'drain_hose' => 'drain hose',
    'drain_pump' => 'drain pump',
];
