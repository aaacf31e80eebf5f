<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** A name in the middle of a sentence: its capital goes, unless it is a letter of its own, as in H needle. */
final readonly class InSentence
{
    public static function name(string $name): string
    {
        return preg_match('~^[A-Z][a-z]~', $name) === 1 ? lcfirst($name) : $name;
    }
}
