<?php

declare(strict_types=1);

return [
    'name' => 'Name',
    'time_zone' => 'Time zone',
    'measures' => 'Measures',
    'metric' => 'Metric',
    'n_250_ml_40_g' => '250 ml, 40 g',
    'cups_and_spoons' => 'Cups and spoons',
    'n_1_cup_2_tbsp' => '1 cup, 2 tbsp',
];
