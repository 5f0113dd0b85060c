<?php

declare(strict_types=1);

return [
    'our_line' => 'our line',
];
