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

    public static function line(): self
    {
        return new self('A line on the photo is too short to have a direction: lay its ends further apart.');
    }

    public static function angle(float $degrees): self
    {
        return new self('The lines lie '.number_format(abs($degrees), 0).' degrees apart: no float does. Both run from the hinge to the front.');
    }

    public function reason(): string
    {
        return 'unusable_float';
    }
}
