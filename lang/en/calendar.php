<?php

declare(strict_types=1);

return [
    'window' => 'Most likely between :from and :to.',
    'takes' => 'About :minutes minutes of your hands.',
    'over' => 'The wait is over, and the round can go on.',
];
