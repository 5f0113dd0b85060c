<?php

declare(strict_types=1);

return [
    'my_machines' => 'My machines',
    'all_kinds' => 'All kinds',
];
