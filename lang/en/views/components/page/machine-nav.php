<?php

declare(strict_types=1);

return [
    'more' => ':folded more',
];
