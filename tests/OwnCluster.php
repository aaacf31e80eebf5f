<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Support\Facades\DB;
use RuntimeException;

/** The database cluster that bin/test starts: the tests empty its database, and would empty any other. */
final class OwnCluster
{
    private static bool $isKnown = false;

    /** Asks once a run. */
    public static function refuseAnother(): void
    {
        self::$isKnown || self::refuse((string) DB::scalar('show data_directory'));
        self::$isKnown = true;
    }

    /** @throws RuntimeException unless the folder is this project's own, as bin/test makes it */
    public static function refuse(string $folder): void
    {
        $own = dirname(__DIR__).'/var/postgres-test';
        if ($folder !== $own && $folder !== realpath($own)) {
            throw new RuntimeException("The tests would empty a database in {$folder}. Run them with bin/test.");
        }
    }
}
