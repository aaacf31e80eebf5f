<?php

declare(strict_types=1);

namespace DustyJet\FloatLevel;

use DustyJet\Rejected;

/** A float that cannot be. */
final class UnusableFloat extends \DomainException implements Rejected
{
    public static function number(string $name, float $given, string $must): self
    {
        $said = rtrim(rtrim(number_format($given, 3, '.', ''), '0'), '.');

        return new self("The {$name} of the float cannot be {$said}: it is {$must}.");
    }

    public function reason(): string
    {
        return 'unusable_float';
    }
}
