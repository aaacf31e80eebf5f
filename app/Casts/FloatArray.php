<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A PostgreSQL `double precision[]` column.
 *
 * @implements CastsAttributes<list<float>, list<float>>
 */
final class FloatArray implements CastsAttributes
{
    /**
     * @param  array<string, mixed>  $attributes
     *
     * @return list<float>
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        return is_string($value) ? self::numbers($value) : [];
    }

    /**
     * @param  string  $column as PostgreSQL writes it
     *
     * @return list<float>
     */
    public static function numbers(string $column): array
    {
        $inside = trim($column, '{}');

        return $inside === '' ? [] : array_map(floatval(...), explode(',', $inside));
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        $numbers = is_array($value) ? array_filter($value, is_numeric(...)) : [];

        return '{'
            .implode(
                ',',
                array_map(
                    static fn (float|int|string $v): string => json_encode((float) $v, JSON_THROW_ON_ERROR),
                    $numbers,
                ),
            )
            .'}';
    }
}
