<?php

// Compiled once when the server starts (opcache.preload): the program's own classes, and what a request needs of the
// vendor folder, as bin/warm listed it. bin/start --edit leaves it out, so that an edit is seen at once.

declare(strict_types=1);

$root = dirname(__DIR__);
$list = getenv('COMPILED_PATH').'/preload.txt';
$files = is_file($list) ? file($list, FILE_IGNORE_NEW_LINES) ?: [] : [];
foreach (["{$root}/core/src", "{$root}/app"] as $folder) {
    $all = new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS));
    foreach ($all as $file) {
        if ($file->getExtension() === 'php') {
            $files[] = $file->getPathname();
        }
    }
}
foreach ($files as $file) {
    if (is_file($file)) {
        @opcache_compile_file($file);
    }
}
