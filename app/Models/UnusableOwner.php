<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\Rejected;

/** Nobody who can be made the owner of a shop. */
final class UnusableOwner extends \InvalidArgumentException implements Rejected
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }

    public function reason(): string
    {
        return 'unusable_owner';
    }
}
