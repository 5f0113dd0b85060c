<?php

declare(strict_types=1);

return [
    'add_a_machine' => 'Add a machine',
    'what_do_you_look_after' => 'What do you look after?',
];
