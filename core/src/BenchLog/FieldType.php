<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

/** What a field of an entry holds, as it is stored. */
enum FieldType: string
{
    private const UUID = '~^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$~';

    public const MOST_NAMES = 500;

    case Text = 'text';
    case Number = 'number';
    case Integer = 'integer';
    case Flag = 'flag';
    case Map = 'map';
    case Names = 'names';
    case Uuid = 'uuid';

    public function holds(mixed $value): bool
    {
        return match ($this) {
            self::Text => is_string($value) && self::isShort($value) && ! str_contains($value, "\0"),
            self::Number => is_int($value) || (is_float($value) && is_finite($value)),
            self::Integer => is_int($value),
            self::Flag => is_bool($value),
            self::Map => is_array($value),
            self::Names => is_array($value) && self::areNames($value),
            self::Uuid => is_string($value) && preg_match(self::UUID, $value) === 1,
        };
    }

    /** @param  array<array-key, mixed>  $values */
    private static function areNames(array $values): bool
    {
        return $values !== []
            && array_is_list($values)
            && count($values) <= self::MOST_NAMES
            && array_filter($values, self::Text->holds(...)) === $values;
    }

    private static function isShort(string $text): bool
    {
        return $text !== '' && mb_strlen($text) <= Field::LONGEST_TEXT;
    }
}
