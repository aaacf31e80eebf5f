<?php

declare(strict_types=1);

namespace DustyJet\Governor;

use DustyJet\Rejected;

/** A governed speed that cannot be. */
final class UnusableSpeed extends \InvalidArgumentException implements Rejected
{
    public static function field(string $field, string $wanted): self
    {
        return new self("{$field} must be {$wanted}.");
    }

    public function reason(): string
    {
        return 'unusable_speed';
    }
}
