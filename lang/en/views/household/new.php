<?php

declare(strict_types=1);

return [
    'name_your_household' => 'Name your household',
    'what_is_this_kitchen_called' => 'What is this kitchen called?',
    'everyone_you_invite_later_shares_its' => 'Everyone you invite later shares its machines and its logbook.',
    'this_is_it' => 'Create the household',
    'log_out' => 'Log out',
];
