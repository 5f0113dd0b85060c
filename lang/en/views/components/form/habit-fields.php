<?php

declare(strict_types=1);

return [
    'how_often_for_everything_else' => 'How often, for everything else',
];
