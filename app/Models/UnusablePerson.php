<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\Rejected;

/** A name, a role, a password or a PIN that nobody of this shop can have. */
final class UnusablePerson extends \InvalidArgumentException implements Rejected
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }

    public function reason(): string
    {
        return 'unusable_person';
    }
}
