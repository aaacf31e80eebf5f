<?php

declare(strict_types=1);

namespace DustyJet\Quantity;

use DustyJet\Rejected;

final class QuantityOutOfRange extends \DomainException implements Rejected
{
    public static function notFinite(string $what): self
    {
        return new self("{$what} must be an ordinary number.");
    }

    public static function belowVacuum(float $kilopascalsAbsolute): self
    {
        return new self(
            sprintf('%.1f kPa absolute is below a perfect vacuum. Check the unit and the sign.', $kilopascalsAbsolute),
        );
    }

    public static function notPositive(string $what, float $given): self
    {
        return new self(sprintf('%s must be more than zero, %s was given.', $what, $given));
    }

    public static function outside(string $what, float $given, float $low, float $high, string $unit): self
    {
        return new self(sprintf('%s of %s %s is outside %s to %s %s.', $what, $given, $unit, $low, $high, $unit));
    }

    public function reason(): string
    {
        return 'quantity_out_of_range';
    }
}
