<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

/**
 * One field of a kind of entry: how it is stored, and how it is typed.
 *
 * What is stored may be read for ever: an old file must still fit. Limits and choices bind only what is typed at the
 * bench today.
 */
final readonly class Field
{
    public const LONGEST_TEXT = 4000;

    private const FASTEST_RPM = 25000;

    /**
     * @param  float|null  $least of a number, or letters of a text
     * @param  float|null  $most of a number, or letters of a text
     * @param  list<string>  $choices empty when any will do
     * @param  string|null  $otherwise what is stored when nothing is typed
     * @param  string  $orSay what a form says when it is missing; empty for the usual words
     * @param  string  $orSayOfWrong what it says when it is no number; empty for the usual words
     */
    private function __construct(
        public string $name,
        public FieldType $type,
        public bool $isOptional = false,
        public ?float $least = null,
        public ?float $most = null,
        public TypedAs $typed = TypedAs::Itself,
        public array $choices = [],
        public ?string $otherwise = null,
        public string $orSay = '',
        public string $orSayOfWrong = '',
    ) {
    }

    public static function text(string $name, int $most = 60, int $least = 0): self
    {
        return new self($name, FieldType::Text, least: $least, most: $most);
    }

    public static function uuid(string $name): self
    {
        return new self($name, FieldType::Uuid);
    }

    public static function flag(string $name): self
    {
        return new self($name, FieldType::Flag);
    }

    public static function integer(string $name, int $least, int $most): self
    {
        return new self($name, FieldType::Integer, least: $least, most: $most);
    }

    public static function number(string $name, float $least, float $most): self
    {
        return new self($name, FieldType::Number, least: $least, most: $most);
    }

    public static function map(string $name): self
    {
        return new self($name, FieldType::Map, typed: TypedAs::Words);
    }

    /** A list of names, in order; what is there twice is named twice. */
    public static function names(string $name, int $most): self
    {
        return new self($name, FieldType::Names, most: $most, typed: TypedAs::Words);
    }

    /** Turns of a screw, stored as `units` of 1/48 turn. */
    public static function turns(): self
    {
        $units = new self('units', FieldType::Integer, typed: TypedAs::Turns);

        return $units->orSay('Type the turns, such as 1 3/4.');
    }

    /** The speed of an engine. */
    public static function rpm(): self
    {
        $rpm = self::number('rpm', 0, self::FASTEST_RPM);

        return $rpm->orSay('Type the speed the tachometer shows.', 'The speed must be a number, such as 1750.');
    }

    /** May be left out. What is added to a kind later must be: an old file has not got it. */
    public function optional(): self
    {
        return $this->but(isOptional: true);
    }

    public function typedAs(TypedAs $typed): self
    {
        return $this->but(typed: $typed);
    }

    /** Made by the program, never typed. */
    public function made(): self
    {
        return $this->typedAs(TypedAs::Nothing);
    }

    public function among(string ...$choices): self
    {
        return $this->but(choices: array_values($choices));
    }

    public function otherwise(string $value): self
    {
        return $this->but(otherwise: $value);
    }

    public function orSay(string $missing, string $wrong = ''): self
    {
        return $this->but(orSay: $missing, orSayOfWrong: $wrong);
    }

    /** The name it goes by in a form. */
    public function typedName(): string
    {
        return match ($this->typed) {
            TypedAs::Turns => str_replace('units', 'turns', $this->name),
            TypedAs::Boxes => 'looks',
            default => $this->name,
        };
    }

    /** @param  list<string>|null  $choices */
    private function but(
        ?bool $isOptional = null,
        ?TypedAs $typed = null,
        ?array $choices = null,
        ?string $otherwise = null,
        ?string $orSay = null,
        ?string $orSayOfWrong = null,
    ): self {
        return new self(
            $this->name,
            $this->type,
            $isOptional ?? $this->isOptional,
            $this->least,
            $this->most,
            $typed ?? $this->typed,
            $choices ?? $this->choices,
            $otherwise ?? $this->otherwise,
            $orSay ?? $this->orSay,
            $orSayOfWrong ?? $this->orSayOfWrong,
        );
    }
}
