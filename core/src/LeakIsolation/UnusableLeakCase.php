<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

use DustyJet\Rejected;

/** A case of leaks that cannot be read, or that names what is not there. */
final class UnusableLeakCase extends \DomainException implements Rejected
{
    public static function unreadable(): self
    {
        return new self('This is no case of leaks: a JSON object with "joints" and their chances is needed.');
    }

    public static function field(string $where, string $must): self
    {
        return new self('"'.mb_substr(mb_scrub($where), 0, 60)."\" must be {$must}.");
    }

    public function reason(): string
    {
        return 'unusable_leak_case';
    }
}
