<?php

declare(strict_types=1);

return [
    // Addresses of the proxies before this program, with commas; they say whether a request came by https.
    'proxies' => env('TRUSTED_PROXIES'),
];
