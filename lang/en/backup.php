<?php

declare(strict_types=1);

return [
    'title' => 'Backup',
    'last' => 'Last good one: :day, :time.',
    'none' => 'There is none yet. Whoever runs this installation sets it up: php artisan backup:make.',
    'old' => 'That is more than two days ago. Whoever runs this installation should look at it.',
    'failed' => [
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
];
