<?php

declare(strict_types=1);

namespace App\View\Sheet;

/** A number that is typed into a form. */
final readonly class NumberField
{
    private function __construct(
        public string $name,
        public string $label,
        public string $value,
        public string $hint,
        public bool $isRequired,
    ) {
    }

    public static function required(string $name, string $label, string $value = '', string $hint = ''): self
    {
        return new self($name, $label, $value, $hint, true);
    }

    public static function optional(string $name, string $label, string $value = '', string $hint = ''): self
    {
        return new self($name, $label, $value, $hint, false);
    }
}
