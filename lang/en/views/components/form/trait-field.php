<?php

declare(strict_types=1);

return [
    'dont_know_until_somebody_looks' => 'don\'t know; :default until somebody looks',
];
