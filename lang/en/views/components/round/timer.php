<?php

declare(strict_types=1);

return [
    'never_more_than_minutes' => 'Never more than :value minutes.',
    'longer_than_the_minutes_it_may' => 'Longer than the :value minutes allowed.',
];
