<?php

// Put before a test run by bin/mutate: reads the mutant instead of the file it was made from, or lists what a run
// has read.

declare(strict_types=1);

// The printer of the test runner is chosen when its files are loaded, which is now.
$_SERVER['COLLISION_PRINTER'] = 'DefaultPrinter';
require_once dirname(__DIR__, 2).'/vendor/autoload.php';

$mutant = getenv('MUTANT');
if ($mutant !== false) {
    require_once $mutant;
}
$list = getenv('READ_LIST');
if ($list !== false) {
    register_shutdown_function(static function () use ($list): void {
        file_put_contents($list, implode("\n", get_included_files())."\n", FILE_APPEND);
    });
}
