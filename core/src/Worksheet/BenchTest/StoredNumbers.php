<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

use DustyJet\BenchLog\UnreadableEntry;

/** A stored map of numbers and words, read by name. What a file from elsewhere holds may be anything. */
final readonly class StoredNumbers
{
    /** No pressure, flow, time or fitted parameter of a hold test is larger. */
    private const LARGEST = 1e6;

    /** @param  array<array-key, mixed>  $values */
    private function __construct(private array $values)
    {
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws UnreadableEntry If a number is beyond reason.
     */
    public static function of(array $values, string $field): self
    {
        self::refuseWild($values, $field);

        return new self($values);
    }

    public function number(string $name): float
    {
        return $this->numberOrNull($name) ?? 0.0;
    }

    public function numberOrNull(string $name): ?float
    {
        $value = $this->values[$name] ?? null;

        return is_numeric($value) ? (float) $value : null;
    }

    public function word(string $name): string
    {
        $value = $this->values[$name] ?? null;

        return is_string($value) ? $value : '';
    }

    /**
     * @param  array<array-key, mixed>  $values
     *
     * @throws UnreadableEntry
     */
    public static function refuseWild(array $values, string $field): void
    {
        foreach ($values as $value) {
            if ((is_int($value) || is_float($value)) && abs($value) > self::LARGEST) {
                throw UnreadableEntry::field('hold_tested', $field, 'numbers within reason');
            }
        }
    }
}
