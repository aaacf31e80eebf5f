<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

use BackedEnum;

/** What was typed after the dashes of a command. */
final readonly class Options
{
    private const LONGEST_NUMBER = 40;

    /** @param  array<string, string>  $typed */
    public function __construct(private array $typed)
    {
    }

    public function has(string $name): bool
    {
        return isset($this->typed[$name]);
    }

    /** @throws Usage If it is missing or no number. */
    public function number(string $name, ?float $otherwise = null): float
    {
        $text = $this->typed[$name] ?? null;
        if ($text === null) {
            return $otherwise ?? throw Usage::missing($name);
        }
        $isNumber = preg_match('~^-?\d+(?:[.,]\d+)?$~D', $text) === 1 && strlen($text) <= self::LONGEST_NUMBER;

        return $isNumber ? (float) str_replace(',', '.', $text) : throw Usage::noNumber($name, $text);
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $words
     * @param  T|null  $otherwise
     *
     * @return T
     *
     * @throws Usage If it is missing or none of the words.
     */
    public function among(string $name, string $words, ?BackedEnum $otherwise = null): BackedEnum
    {
        $text = $this->typed[$name] ?? null;
        if ($text === null) {
            return $otherwise ?? throw Usage::missing($name);
        }
        $all = array_map(static fn (BackedEnum $w): string => (string) $w->value, $words::cases());

        return $words::tryFrom($text) ?? throw Usage::notAmong($name, $all, $text);
    }
}
