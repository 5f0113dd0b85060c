<?php

declare(strict_types=1);

return [
    // Addresses of proxies whose word on scheme, port and caller is taken, parted by commas; none unless they are named.
    'proxies' => env('TRUSTED_PROXIES'),
];
