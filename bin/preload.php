<?php

// Compiled once when the server starts (opcache.preload): what a request needs of the vendor folder, as bin/warm
// listed it. The application's own code is left out, so that an edit is seen at once.

declare(strict_types=1);

$list = __DIR__.'/../storage/framework/preload.txt';
foreach (is_file($list) ? file($list, FILE_IGNORE_NEW_LINES) ?: [] : [] as $file) {
    if (is_file($file)) {
        @opcache_compile_file($file);
    }
}
