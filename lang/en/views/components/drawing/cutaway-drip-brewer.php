<?php

declare(strict_types=1);

return [
    'cut_open' => ':machine, cut open',
    'warming_plate' => 'warming plate',
    'filter_basket' => 'filter basket',
    'carafe' => 'carafe',
];
