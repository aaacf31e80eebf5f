<?php

declare(strict_types=1);

namespace DustyJet\Fuel;

use DustyJet\Rejected;

/** A number of a delivery that cannot be. */
final class UnusableFlow extends \DomainException implements Rejected
{
    public static function number(string $name, float $given, string $must): self
    {
        $said = rtrim(rtrim(number_format($given, 3, '.', ''), '0'), '.');

        return new self("The {$name} cannot be {$said}: it is {$must}.");
    }

    public function reason(): string
    {
        return 'unusable_flow';
    }
}
