<?php

declare(strict_types=1);

return [
    'added' => ':name is in your kitchen.',
    'saved' => 'Saved. The dates below follow from it.',
    'counted' => 'One more counted for :name.',
    'logged' => 'Written down. The dates below follow from it.',
];
