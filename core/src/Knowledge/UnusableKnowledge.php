<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

use DustyJet\Rejected;

final class UnusableKnowledge extends \DomainException implements Rejected
{
    public static function missing(string $where): self
    {
        return new self("The knowledge has no usable value at {$where}.");
    }

    public static function dangling(string $where, string $name): self
    {
        return new self("The knowledge names \"{$name}\" at {$where}, but nothing of that name is in it.");
    }

    public static function provenance(string $where, string $word): self
    {
        return new self(
            "The knowledge says \"{$word}\" at {$where}; a value is published, card, common practice, from memory or this shop.",
        );
    }

    public static function impossible(string $where, string $rule): self
    {
        return new self("The knowledge at {$where} cannot be: {$rule}.");
    }

    public function reason(): string
    {
        return 'unusable_knowledge';
    }
}
