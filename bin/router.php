<?php

// For PHP's own web server: files under public/ as they are, everything else to the application.

declare(strict_types=1);

$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
$file = realpath(__DIR__.'/../public'.$path);

if ($path !== '/' && $file !== false && is_file($file) && str_starts_with($file, (string) realpath(__DIR__.'/../public').'/') && ! str_ends_with($file, '.php')) {
    $types = ['css' => 'text/css', 'js' => 'text/javascript', 'woff2' => 'font/woff2', 'svg' => 'image/svg+xml', 'json' => 'application/json', 'png' => 'image/png', 'ico' => 'image/x-icon', 'txt' => 'text/plain'];
    header('Content-Type: '.($types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('X-Content-Type-Options: nosniff');
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    readfile($file);

    return true;
}

require __DIR__.'/../public/index.php';
