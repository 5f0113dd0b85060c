<?php

declare(strict_types=1);

return [
    'good_rinse' => ':title · Good Rinse',
];
