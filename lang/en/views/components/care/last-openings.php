<?php

declare(strict_types=1);

return [
    'found_the_last_times' => 'Found the last times',
];
