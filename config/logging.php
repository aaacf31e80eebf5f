<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'deprecations' => ['channel' => null, 'trace' => false],
    'channels' => [
        // A file a day, two weeks of them.
        'daily' => [
            'driver' => 'custom',
            'via' => App\Logging\ShopLog::class,
            'path' => storage_path('logs/dusty-jet.log'),
            'level' => strtoupper((string) env('LOG_LEVEL', 'debug')),
            'days' => 14,
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
        'emergency' => ['path' => 'php://stderr'],
    ],
];
