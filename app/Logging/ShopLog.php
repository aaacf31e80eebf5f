<?php

declare(strict_types=1);

namespace App\Logging;

use Monolog\Formatter\LineFormatter;
use Monolog\Handler\DeduplicationHandler;
use Monolog\Handler\HandlerInterface;
use Monolog\Handler\RotatingFileHandler;
use Monolog\Handler\StreamHandler;
use Monolog\Level;
use Monolog\Logger;

/**
 * What failed: a file a day, for nobody else on the machine to read, and the same failure once a minute: half an hour
 * without a database fills no disk. Root writes to its own terminal only, because the folder belongs to who serves.
 */
final readonly class ShopLog
{
    private const AGAIN_AFTER_SECONDS = 60;

    /** @param  array{path: string, days: int, level: value-of<Level::NAMES>}  $config */
    public function __invoke(array $config): Logger
    {
        $isRoot = PHP_SAPI === 'cli' && posix_geteuid() === 0 && ! app()->runningUnitTests();

        return new Logger('dusty-jet', [$isRoot ? new StreamHandler('php://stderr') : self::daily($config)]);
    }

    /** @param  array{path: string, days: int, level: value-of<Level::NAMES>}  $config */
    private static function daily(array $config): HandlerInterface
    {
        $files = new RotatingFileHandler($config['path'], $config['days'], Level::fromName($config['level']), filePermission: 0600);
        $formatter = new LineFormatter(null, 'Y-m-d H:i:s', true, true);
        $formatter->includeStacktraces();
        $files->setFormatter($formatter);
        $said = dirname($config['path']).'/said-lately';
        is_dir(dirname($said)) || @mkdir(dirname($said), 0o700, true);
        is_file($said) || (@touch($said) && chmod($said, 0600));

        return new DeduplicationHandler($files, $said, Level::Error, self::AGAIN_AFTER_SECONDS);
    }
}
