<?php

// For PHP's own web server: files under public/ as they are, everything else to the application.

declare(strict_types=1);

const TYPES = [
    'css' => 'text/css',
    'js' => 'text/javascript',
    'woff2' => 'font/woff2',
    'svg' => 'image/svg+xml',
    'json' => 'application/json',
    'png' => 'image/png',
    'ico' => 'image/x-icon',
    'txt' => 'text/plain',
];

$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
$public = realpath(__DIR__.'/../public').'/';
$file = realpath($public.$path);
$isInPublic = $path !== '/' && $file !== false && is_file($file) && str_starts_with($file, $public);

if ($isInPublic && ! str_ends_with($file, '.php')) {
    header('Content-Type: '.(TYPES[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('X-Content-Type-Options: nosniff');
    $isHashed = str_starts_with($path, '/build/assets/');
    header('Cache-Control: '.($isHashed ? 'public, max-age=31536000, immutable' : 'no-cache'));
    readfile($file);

    return true;
}

require __DIR__.'/../public/index.php';
