<?php

declare(strict_types=1);

return [
    'locked' => 'The logbook is busy just now, so nothing was written.',
    'locked_advice' => 'What you typed is still here: send it again in a moment.',
    'full' => 'The disk is full, so nothing was written.',
    'full_advice' => 'What you typed is still here: free some space, then send it again.',
    'readonly' => 'The logbook can be read but not written.',
    'readonly_advice' => 'What you typed is still here. Whoever runs this installation has to make its database file writable again.',
    'missing' => 'The logbook cannot be opened.',
    'missing_advice' => 'Its database is missing or cannot be read. Nothing was changed. Start the application with bin/demo, or put the '
        .'database file back, then reload this page.',
    'broken' => 'Something went wrong while reading the logbook.',
    'broken_advice' => 'Nothing was changed. Go back and try once more. If it happens again, the log says why.',
    'handbook' => 'The handbook has a fault, so the application does not start.',
    'not_found' => 'There is nothing here.',
    'not_found_advice' => 'It may have been removed, or it belongs to another household.',
    'logged_out' => 'You are logged out.',
    'logged_out_advice' => 'Log in again in another tab, then send this once more. What you typed is kept here.',
    'stale' => 'This page was open too long.',
    'stale_advice' => 'Go back, reload it and send it again. Nothing was written.',
    'too_many' => 'Too many tries.',
    'too_many_advice' => 'Wait a minute, then try again.',
    'forbidden' => 'This page is not yours to open.',
    'too_large' => 'That was too large to send.',
    'too_large_advice' => 'Nothing was written. Choose a smaller picture or shorten the text.',
    'unknown' => 'Something went wrong on our side.',
    'unknown_advice' => 'Nothing you did before is lost. Go back and try once more.',
    'closed' => 'Closed for a moment.',
    'closed_advice' => 'Reload this page shortly.',
];
