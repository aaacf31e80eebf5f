<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

use DustyJet\Rejected;

final class UnusableCase extends \DomainException implements Rejected
{
    public static function unreadable(): self
    {
        return new self('The case is not a JSON object with a family and its findings.');
    }

    public static function unknown(string $what, string $name): self
    {
        return new self(
            "There is no {$what} called \"".mb_substr($name, 0, 60).'"; `bin/jet knowledge` lists the names.',
        );
    }

    public static function fact(string $name, string $rule): self
    {
        return new self("The fact {$name} {$rule}.");
    }

    public static function answer(string $finding, string $rule): self
    {
        return new self("The finding {$finding} takes {$rule}.");
    }

    public static function notHere(string $what, string $name, string $family): self
    {
        return new self("The {$what} {$name} does not apply to the family {$family}.");
    }

    public static function list(string $name): self
    {
        return new self("\"{$name}\" is a list of names.");
    }

    public function reason(): string
    {
        return 'unusable_case';
    }
}
