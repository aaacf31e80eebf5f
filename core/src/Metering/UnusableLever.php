<?php

declare(strict_types=1);

namespace DustyJet\Metering;

use DustyJet\Rejected;

/** A lever that cannot be. */
final class UnusableLever extends \DomainException implements Rejected
{
    public static function number(string $name, float $given, string $must): self
    {
        $said = rtrim(rtrim(number_format($given, 3, '.', ''), '0'), '.');

        return new self("The {$name} of the lever cannot be {$said}: it is {$must}.");
    }

    public function reason(): string
    {
        return 'unusable_lever';
    }
}
