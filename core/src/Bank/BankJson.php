<?php

declare(strict_types=1);

namespace DustyJet\Bank;

/** Reads a bank and its readings: see docs/formats. */
final readonly class BankJson
{
    private const MOST_DEPTH = 8;

    private const FIELDS = ['tolerance_inhg', 'step_inhg', 'reference', 'carburetors', 'readings'];

    /** @throws UnusableBank With the field that is wrong. */
    public static function parse(string $json): Bank
    {
        $given = json_decode($json, true, self::MOST_DEPTH);
        (is_array($given) && ! array_is_list($given)) || throw UnusableBank::notJson();
        foreach (array_keys($given) as $field) {
            in_array($field, self::FIELDS, true) || throw UnusableBank::field((string) $field, 'left out: no such field');
        }
        $reference = $given['reference'] ?? null;
        $readings = self::list('readings', $given['readings'] ?? null);
        $read = [];
        foreach ($readings as $i => $reading) {
            $read[] = self::reading("readings.{$i}", $reading);
        }

        return new Bank(
            array_map(static fn (mixed $c): string => self::name('carburetors', $c), self::list('carburetors', $given['carburetors'] ?? null)),
            self::name('reference', $reference),
            $read,
            self::number('tolerance_inhg', $given['tolerance_inhg'] ?? Bank::TOLERANCE_INHG),
            self::number('step_inhg', $given['step_inhg'] ?? 0.1),
        );
    }

    private static function reading(string $at, mixed $given): Reading
    {
        (is_array($given) && is_array($given['vacuum_inhg'] ?? null))
            || throw UnusableBank::field($at, 'a move and a vacuum for each carburetor');
        $vacuum = [];
        foreach ($given['vacuum_inhg'] as $carburetor => $values) {
            $field = "{$at}.vacuum_inhg.{$carburetor}";
            $vacuum[(string) $carburetor] = array_map(
                static fn (mixed $v): float => self::number($field, $v),
                self::list($field, $values),
            );
        }
        $move = $given['after_move'] ?? null;
        $move === null || is_array($move) || throw UnusableBank::field("{$at}.after_move", 'null or a move');

        return new Reading($move === null ? null : new Move(
            self::name("{$at}.after_move.carburetor", $move['carburetor'] ?? null),
            self::number("{$at}.after_move.turns", $move['turns'] ?? null),
        ), $vacuum);
    }

    /** @return non-empty-list<mixed> */
    private static function list(string $field, mixed $given): array
    {
        return is_array($given) && array_is_list($given) && $given !== []
            ? $given
            : throw UnusableBank::field($field, 'a list of at least one');
    }

    private static function name(string $field, mixed $given): string
    {
        return is_string($given) && $given !== '' && mb_strlen($given) <= 40
            ? $given
            : throw UnusableBank::field($field, 'a name');
    }

    private static function number(string $field, mixed $given): float
    {
        return is_int($given) || is_float($given) ? (float) $given : throw UnusableBank::field($field, 'a number');
    }
}
