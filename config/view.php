<?php

declare(strict_types=1);

return [
    'paths' => [resource_path('views')],
    'compiled' => env('VIEW_COMPILED_PATH', storage_path('framework/views')),
    'relative_hash' => false,
    'cache' => true,
    'compiled_extension' => 'php',

    // bin/demo compiles all views before it starts; looking at their times again on every page costs more
    // than the pages themselves.
    'check_cache_timestamps' => (bool) env('VIEW_CHECK_TIMESTAMPS', true),
];
