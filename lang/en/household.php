<?php

declare(strict_types=1);

return [
    'saved' => 'Saved.',
    'revoked' => 'That invitation no longer opens anything.',
    'role' => ['keeper' => 'keeper', 'member' => ''],
    'remove' => 'Remove',
    'removed' => ':name no longer belongs to this household.',
    'new_keeper' => 'Who keeps it from now on',
    'hand_over' => 'Hand it over',
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
    'backup' => [
        'title' => 'Backup',
        'last' => 'Last good one: :day, :time.',
        'none' => 'There is none yet. Whoever runs this installation sets it up: php artisan backup:make.',
        'old' => 'That is more than two days ago. Whoever runs this installation should look at it.',
        'failed' => [
            'server' => 'The database is a server’s: back it up with pg_dump, and the folder of pictures with it.',
            'folder' => 'The folder for backups cannot be made: :path.',
            'write' => 'This cannot be written: :path. Is the disk full?',
            'copy' => 'The database cannot be copied: :error.',
            'broken' => 'The copy of the database is not whole: :error.',
            'no_manifest' => 'This is no backup of Good Rinse: :path.',
            'no_zip' => 'This file cannot be opened: :path.',
            'changed' => 'The backup is not whole: :name is missing or was changed.',
            'newer' => 'A newer version has written this (:migration). Install that version again; nothing was changed.',
            'upgrade' => 'The change failed, and the database is as it was: :error',
        ],
    ],
    'move' => [
        'not_empty' => 'The other database is not empty: there is something in :table. Nothing was moved.',
        'differs' => 'Not everything of :table arrived, so nothing was moved.',
    ],
];
