<?php

declare(strict_types=1);

return [
    'name' => env('SHOP_NAME', 'Fennel Creek Small Engine'),
    // Demo people one tap away on the sign-in page, and the invented jobs. Never set on a real shop's machine.
    'hosts' => (string) env('TRUSTED_HOSTS', ''),
    'demo' => (bool) env('DEMO', false),
];
