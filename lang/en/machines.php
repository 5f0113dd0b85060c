<?php

declare(strict_types=1);

return [
    'added' => ':name is in your kitchen.',
    'way_saved' => 'Kept. From now on the steps say it the way your machine is.',
    'saved' => 'Saved. The dates below follow from it.',
    'counted' => 'One more counted for :name.',
    'logged' => 'Written down. The dates below follow from it.',
];
