<?php

declare(strict_types=1);

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '54380'),
            'database' => env('DB_DATABASE', 'dusty_jet'),
            'username' => env('DB_USERNAME', 'dusty_jet'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'sslmode' => 'prefer',
            // Set at each connection, unless the cluster is known to keep UTC by itself (bin/lib.sh starts it so).
            'timezone' => env('DB_KEEPS_UTC', false) ? null : 'UTC',
            'options' => [
                // A worker keeps its connection from one request to the next: a new one costs more than most queries.
                PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false),
                // One trip to the database for a query instead of three; its values are still sent apart from it.
                PDO::PGSQL_ATTR_DISABLE_PREPARES => true,
            ],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
