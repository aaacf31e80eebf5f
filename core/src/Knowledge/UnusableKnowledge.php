<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

use DustyJet\Rejected;

final class UnusableKnowledge extends \DomainException implements Rejected
{
    public static function missing(string $where): self
    {
        return new self("The family file has no usable value at {$where}.");
    }

    public static function dangling(string $where, string $name): self
    {
        return new self("The family file names \"{$name}\" at {$where}, but nothing of that name is in it.");
    }

    public static function provenance(string $where, string $word): self
    {
        return new self("The family file says \"{$word}\" at {$where}; a value is published, card, common practice, from memory or this shop.");
    }

    public function reason(): string
    {
        return 'unusable_knowledge';
    }
}
