<?php

declare(strict_types=1);

return [
    'name' => env('SHOP_NAME', 'Fennel Creek Small Engine'),
    // Demo people one tap away on the sign-in page, and the invented jobs. Never set on a real shop's machine.
    'hosts' => (string) env('TRUSTED_HOSTS', ''),
    // 24 or 12 hours.
    'clock' => (string) env('SHOP_CLOCK', '24'),
    // A sheet that was printed once is sent again while nothing it stands on changed; off while the program is edited.
    'keeps_sheets' => (bool) env('KEEPS_SHEETS', false),
    // What the program made of its own files, and runs: whoever serves a shop only reads it.
    'compiled' => env('COMPILED_PATH', storage_path('framework')),
    // What pages write beside the database: data, never run.
    'data' => env('DATA_PATH', storage_path('framework')),
    'demo' => (bool) env('DEMO', false),
];
