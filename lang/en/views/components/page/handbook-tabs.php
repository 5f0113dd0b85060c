<?php

declare(strict_types=1);

return [
    'handbook' => 'Handbook',
    'how_to' => 'How to',
    'keep_apart' => 'Keep apart',
    'symptoms' => 'Symptoms',
    'where_they_differ' => 'Where they differ',
];
