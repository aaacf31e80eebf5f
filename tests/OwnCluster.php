<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** The database cluster that bin/test starts: the tests empty its database, and would empty any other. */
final class OwnCluster
{
    private static bool $isKnown = false;

    private const FOLDER = '/var/postgres-test';

    /** Those that were made with the cluster, where whoever started it did not say them. */
    public static function usePasswords(): void
    {
        $all = @parse_ini_file(dirname(__DIR__).self::FOLDER.'.secrets', false, INI_SCANNER_RAW);
        foreach ($all === false ? [] : $all as $name => $password) {
            if (getenv($name) === false) {
                putenv("{$name}={$password}");
                $_ENV[$name] = $_SERVER[$name] = $password;
            }
        }
    }

    /** Of this process: a run of several numbers them. */
    public static function database(): string
    {
        $token = getenv('TEST_TOKEN');

        return $token === false || $token === '' ? 'dusty_jet_test' : "dusty_jet_test_{$token}";
    }

    /** Asks once a run. */
    public static function refuseAnother(): void
    {
        self::$isKnown || self::refuse(self::folder());
        self::$isKnown = true;
    }

    /** Where the data of the cluster is: only its administrator may know. */
    public static function folder(): string
    {
        return (string) self::admin()->scalar('show data_directory');
    }

    /** As the administrator of the cluster, whom no page knows. */
    public static function admin(string $database = ''): Connection
    {
        $name = "admin{$database}";
        config(["database.connections.{$name}" => [
            ...config('database.connections.pgsql'),
            'username' => 'dusty_jet',
            'password' => getenv('DB_ADMIN_PASSWORD'),
            'database' => $database === '' ? config('database.connections.pgsql.database') : $database,
        ]]);

        return DB::connection($name);
    }

    /** @throws RuntimeException unless the folder is this project's own, as bin/test makes it */
    public static function refuse(string $folder): void
    {
        $own = dirname(__DIR__).self::FOLDER;
        if ($folder !== $own && $folder !== realpath($own)) {
            throw new RuntimeException("The tests would empty a database in {$folder}. Run them with bin/test.");
        }
    }
}
