<?php

declare(strict_types=1);

namespace App\Models;

/** What a password or a PIN of this shop must be. */
final readonly class Password
{
    private const SHORTEST = 12;

    /** What bcrypt reads of one. */
    private const LONGEST_BYTES = 72;

    /** @throws UnusablePerson */
    public static function refuseUnlessGood(#[\SensitiveParameter] string $password, string $name): void
    {
        $why = match (true) {
            mb_strlen($password) < self::SHORTEST => 'The password needs '.self::SHORTEST.' characters or more.',
            strlen($password) > self::LONGEST_BYTES => 'The password is cut at '.self::LONGEST_BYTES.' bytes: take a shorter one.',
            $password === Shop::DEMO_PASSWORD => 'That password is printed in the source: take another.',
            self::isGuessed($password, $name) => 'That password is guessed at once: take a few words that do not belong together.',
            default => null,
        };
        $why === null || throw UnusablePerson::because($why);
    }

    /** Often found in what leaked, one letter over and over, a row of keys, the name of who has it or of the shop. */
    private static function isGuessed(string $password, string $name): bool
    {
        $plain = mb_strtolower($password);
        $rows = ['abcdefghijklmnopqrstuvwxyz', '1234567890', 'qwertyuiopasdfghjklzxcvbnm', 'password'];
        $isOf = static fn (string $row): bool => str_contains(str_repeat($row, 8), $plain)
            || str_contains(strrev(str_repeat($row, 8)), $plain);

        return CommonPasswords::hold($password)
            || count(array_unique(mb_str_split($plain))) < 5
            || array_filter($rows, $isOf) !== []
            || in_array($plain, [mb_strtolower($name), mb_strtolower(Shop::name())], true);
    }

    /** @throws UnusablePerson */
    public static function refuseUnlessPin(#[\SensitiveParameter] string $pin): void
    {
        $why = match (true) {
            preg_match('/^\d{4,8}$/D', $pin) !== 1 => 'A PIN is 4 to 8 digits.',
            self::isARow($pin) => 'That PIN is tried first: take digits that do not follow each other.',
            default => null,
        };
        $why === null || throw UnusablePerson::because($why);
    }

    /** 1234, 9876, 2222, 1357. */
    private static function isARow(string $pin): bool
    {
        $digits = array_map(intval(...), str_split($pin));
        $step = static fn (int $a, int $b): int => $b - $a;

        return count(array_unique(array_map($step, array_slice($digits, 0, -1), array_slice($digits, 1)))) === 1;
    }
}
