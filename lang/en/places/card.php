<?php

declare(strict_types=1);

return [
    'into' => 'into the :vessel: :what',
    'into_perhaps' => 'into the :vessel: :what, perhaps :perhaps',
];
