<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

/** What a field of an entry holds, as it is stored. */
enum FieldType: string
{
    private const UUID = '~^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$~';

    case Text = 'text';
    case Number = 'number';
    case Integer = 'integer';
    case Flag = 'flag';
    case Map = 'map';
    case Uuid = 'uuid';

    public function holds(mixed $value): bool
    {
        return match ($this) {
            self::Text => is_string($value) && self::isShort($value) && ! str_contains($value, "\0"),
            self::Number => is_int($value) || (is_float($value) && is_finite($value)),
            self::Integer => is_int($value),
            self::Flag => is_bool($value),
            self::Map => is_array($value),
            self::Uuid => is_string($value) && preg_match(self::UUID, $value) === 1,
        };
    }

    private static function isShort(string $text): bool
    {
        return $text !== '' && mb_strlen($text) <= Field::LONGEST_TEXT;
    }
}
