<?php

declare(strict_types=1);

return [
    'dont_know_until_somebody_looks' => 'not known; :default is assumed until you look',
];
