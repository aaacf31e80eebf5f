<?php

declare(strict_types=1);

$bench = [
    'driver' => 'pgsql',
    'url' => env('DB_URL'),
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '54380'),
    'database' => env('DB_DATABASE', 'dusty_jet'),
    'username' => env('DB_USERNAME', 'dusty_jet_app'),
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
];

return [
    'default' => 'pgsql',
    'connections' => [
        // Uses the tables and owns none of them.
        'pgsql' => $bench,
        // Makes and changes them; pages are never served under it.
        'owner' => [
            ...$bench,
            'url' => env('DB_OWNER_URL', env('DB_URL')),
            'username' => env('DB_OWNER_USERNAME', 'dusty_jet_owner'),
            'password' => env('DB_OWNER_PASSWORD', ''),
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
