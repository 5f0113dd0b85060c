<?php

declare(strict_types=1);

return [
    // The newest heading of CHANGELOG.md.
    'version' => 'unreleased',

    // Where the trade's data lies and where its checked, compiled form is kept.
    'handbook' => base_path('handbook'),
    'handbook_cache' => env('GOODRINSE_HANDBOOK_CACHE', storage_path('framework/cache/handbook.php')),

    // Seconds for which its files are not looked at again once they were found unchanged.
    'handbook_rest' => (int) env('GOODRINSE_HANDBOOK_REST', 2),

    // A day to stand on instead of the real one, YYYY-MM-DD; the time of day runs on.
    'today' => env('GOODRINSE_TODAY'),

    // Pictures and papers lie outside the public folder and are served through a policy.
    'photos' => env('GOODRINSE_PHOTOS', storage_path('app/photos')),

    // Backups: one file each, readable for this user only. They hold everything, the key too.
    'backup_at' => (string) env('GOODRINSE_BACKUP_AT', '03:10'),
    'backups' => env('GOODRINSE_BACKUPS', storage_path('app/backups')),

    // A household that is brought in, in kilobytes, and where it waits until somebody has said yes.
    'import_max_kilobytes' => 256_000,
    'imports' => env('GOODRINSE_IMPORTS', storage_path('app/imports')),

    'document_max_kilobytes' => 12_000,
    'photo_max_kilobytes' => 12_000,
    'photo_longest_side' => 1600,
    // Pixels of a picture that is taken in: a small file can hold more than the memory.
    'photo_max_pixels' => 36_000_000,
    // What one household may keep in pictures and papers.
    'files_max_megabytes' => (int) env('GOODRINSE_FILES_MB', 4000),

    // Opens an empty page behind the login for bin/bench to measure against.
    'bench' => (bool) env('GOODRINSE_BENCH', false),

    // Who may make an account: open (anybody), invitation (who has a link; and the very first), closed (nobody).
    'registration' => (string) env('REGISTRATION', 'open'),
    'invitation_days' => 7,
];
