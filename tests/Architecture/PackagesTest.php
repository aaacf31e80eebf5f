<?php

declare(strict_types=1);

it('runs with exactly the packages that were tested: bin/packages > packages.txt after an update', function (): void {
    $root = dirname(__DIR__, 2);
    exec(PHP_BINARY." {$root}/bin/packages", $installed, $status);

    expect($status)->toBe(0)->and(count($installed))->toBeGreaterThan(50);
    expect($installed)->toBe(file("{$root}/packages.txt", FILE_IGNORE_NEW_LINES));
});
