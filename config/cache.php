<?php

declare(strict_types=1);

return [
    // In the database, in tables that may be lost: any server of a shop counts the same tries.
    'default' => env('CACHE_STORE', 'database'),
    'stores' => [
        'database' => [
            'driver' => 'database',
            'connection' => 'pgsql',
            'table' => 'cache',
            'lock_table' => 'cache_locks',
        ],
        'array' => ['driver' => 'array', 'serialize' => false],
    ],
    'prefix' => 'dusty_jet_cache_',
];
