<?php

declare(strict_types=1);

return [
    'parts_needed' => 'Parts needed',
];
