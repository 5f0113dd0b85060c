<?php

declare(strict_types=1);

return [
    'good_rinse_2' => 'Good Rinse',
];
