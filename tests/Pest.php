<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');
pest()->extend(TestCase::class)->in('View');

/** A seed for random tests: printed with the failure, set again with SEED=n. */
function seed(): int
{
    $given = getenv('SEED');

    return $given === false || $given === '' ? random_int(1, 1_000_000) : (int) $given;
}
