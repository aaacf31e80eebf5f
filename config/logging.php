<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'deprecations' => ['channel' => null, 'trace' => false],
    'channels' => [
        // A file a day, two weeks of them, for nobody else on the machine to read.
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/dusty-jet.log'),
            'level' => env('LOG_LEVEL', 'debug'),
            'days' => 14,
            'permission' => 0600,
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
        'emergency' => ['path' => storage_path('logs/dusty-jet.log')],
    ],
];
