<?php

declare(strict_types=1);

use Tests\OwnCluster;

it('runs in the cluster that bin/test started and in no other', function (): void {
    $ours = OwnCluster::folder();

    OwnCluster::refuse($ours);
    foreach (['/var/lib/postgresql/15/main', "{$ours}-of-someone-else", dirname($ours), ''] as $another) {
        expect(fn () => OwnCluster::refuse($another))->toThrow(RuntimeException::class, 'bin/test');
    }
});
