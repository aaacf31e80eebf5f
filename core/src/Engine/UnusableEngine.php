<?php

declare(strict_types=1);

namespace DustyJet\Engine;

use DustyJet\Rejected;

/** An engine or a setting that cannot be. */
final class UnusableEngine extends \InvalidArgumentException implements Rejected
{
    /** @throws self If it is outside, or no number at all. */
    public static function unlessWithin(string $field, float $value, float $least, float $most): void
    {
        if (! is_finite($value) || $value < $least || $value > $most) {
            $given = is_finite($value) ? (string) $value : 'no number';
            throw new self("{$field} must be from {$least} to {$most}, {$given} was given.");
        }
    }

    public static function venturiWiderThanBore(float $venturiMm, float $boreMm): self
    {
        return new self("venturi_mm must be at most throttle_bore_mm, {$venturiMm} in {$boreMm} was given.");
    }

    public static function missing(string $field): self
    {
        return new self("{$field} is missing.");
    }

    public static function unknown(string $field): self
    {
        return new self('No engine has the field '.mb_substr(mb_scrub($field), 0, 40).'.');
    }

    public static function wrong(string $field, string $wanted): self
    {
        return new self("{$field} must be {$wanted}.");
    }

    public static function cannot(string $what): self
    {
        return new self("No such engine can be made: {$what} cannot be reached.");
    }

    public static function notJson(): self
    {
        return new self('The engine is not readable as one JSON object.');
    }

    public function reason(): string
    {
        return 'unusable_engine';
    }
}
