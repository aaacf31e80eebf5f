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
    'demo' => (bool) env('DEMO', false),
];
