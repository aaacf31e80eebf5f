<?php

declare(strict_types=1);

namespace DustyJet\Bank;

use DustyJet\Rejected;

/** A bank, a reading or a move that cannot be. */
final class UnusableBank extends \InvalidArgumentException implements Rejected
{
    public static function field(string $field, string $wanted): self
    {
        return new self(mb_substr(mb_scrub($field), 0, 80)." must be {$wanted}.");
    }

    public static function notJson(): self
    {
        return new self('The bank is not readable as one JSON object.');
    }

    public function reason(): string
    {
        return 'unusable_bank';
    }
}
