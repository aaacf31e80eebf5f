<?php

declare(strict_types=1);

namespace DustyJet\Metering;

use DustyJet\Rejected;

/** A spring that cannot be. */
final class UnusableSpring extends \DomainException implements Rejected
{
    public static function number(string $name, float $given, string $unit, string $must): self
    {
        $said = rtrim(rtrim(number_format($given, 3, '.', ''), '0'), '.');

        return new self("The {$name} of the spring cannot be ".trim("{$said} {$unit}").": it is {$must}.");
    }

    public function reason(): string
    {
        return 'unusable_spring';
    }
}
