<?php

declare(strict_types=1);

namespace App\Models;

use RuntimeException;

/** What is tried first: some 50,000 passwords that were found often in what leaked, as hashes that bin/common-passwords made. */
final readonly class CommonPasswords
{
    private const FILE = 'var/common-passwords';

    private const BYTES = 8;

    /** Shorter than this a common word in a password says nothing against it. */
    private const SHORTEST = 4;

    /** Whether it is one of them: as it is, said twice, or with digits and signs around it. */
    public static function hold(#[\SensitiveParameter] string $password): bool
    {
        $plain = mb_strtolower($password);
        $once = (string) preg_replace('/^(.+?)\1+$/us', '$1', $plain);
        $word = (string) preg_replace('/^[^\p{L}]+|[^\p{L}]+$/u', '', $once);
        $all = self::read();
        foreach (array_unique([$plain, $once, $word]) as $each) {
            if (mb_strlen($each) >= self::SHORTEST && self::has($all, substr(sha1($each, true), 0, self::BYTES))) {
                return true;
            }
        }

        return false;
    }

    private static function has(string $all, string $hash): bool
    {
        $from = 0;
        $to = intdiv(strlen($all), self::BYTES) - 1;
        while ($from <= $to) {
            $middle = intdiv($from + $to, 2);
            $order = strcmp($hash, substr($all, $middle * self::BYTES, self::BYTES));
            if ($order === 0) {
                return true;
            }
            $from = $order > 0 ? $middle + 1 : $from;
            $to = $order < 0 ? $middle - 1 : $to;
        }

        return false;
    }

    /** @throws RuntimeException If it was not built: nobody gets a password that was not looked up. */
    private static function read(): string
    {
        $all = @file_get_contents(base_path(self::FILE));

        return $all === false || $all === '' ? throw new RuntimeException(self::FILE.' is missing: bin/start and bin/serve make it.') : $all;
    }
}
