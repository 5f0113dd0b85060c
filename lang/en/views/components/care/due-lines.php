<?php

declare(strict_types=1);

return [
    'nearly_due_and_the_machine_is' => 'Nearly due, and the machine is open anyway.',
    'of' => ':care of :machine',
    'likely_between_and' => 'Likely between :window and :window2.',
];
