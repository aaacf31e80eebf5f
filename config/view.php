<?php

declare(strict_types=1);

return [
    'paths' => [resource_path('views')],
    'compiled' => env('COMPILED_PATH', storage_path('framework')).'/views',
    // Off where the views were compiled when the server started (see bin/lib.sh).
    'check_cache_timestamps' => (bool) env('VIEW_CHECK_TIMESTAMPS', true),
];
