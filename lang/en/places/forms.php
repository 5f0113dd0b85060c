<?php

declare(strict_types=1);

return [
    'error_title' => 'Error: :title',
    'summary' => '{1} One thing to correct|[2,*] :count things to correct',
];
