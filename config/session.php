<?php

declare(strict_types=1);

return [
    // In the database: any server of a shop knows who is signed in.
    'driver' => env('SESSION_DRIVER', 'database'),
    'connection' => 'pgsql',
    'table' => 'sessions',
    'lifetime' => 60 * 12,
    'expire_on_close' => false,
    'encrypt' => false,
    'cookie' => 'dusty_jet_session',
    'path' => '/',
    'secure' => (bool) env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'lax',
    'lottery' => [2, 100],
];
