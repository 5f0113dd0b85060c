<?php

declare(strict_types=1);

return [
    'saved' => 'Saved.',
    'revoked' => 'That invitation no longer opens anything.',
    'role' => ['keeper' => 'keeper', 'member' => ''],
    'remove' => 'Remove',
    'removed' => ':name no longer belongs to this household.',
    'hand_over' => 'Make keeper',
    'handed_over' => ':name keeps the household now.',
    'leave' => 'Leave this household',
    'left' => 'You have left the household.',
    'opened' => ':name is open.',
    'manage' => 'Change who belongs to it',
    'end' => 'Delete this household',
    'end_line' => 'Everything goes: machines, logbook, pictures, papers. It cannot be brought back. Take it along first.',
    'end_name' => 'Type its name to be sure',
    'end_do' => 'Delete it all',
    'ended' => ':name is gone.',
    'name_again' => 'That is not its name.',
    'security' => 'Security log',
    'account' => 'Your account',
    'account_line' => 'Name, address, password, and where you are logged in.',
];
