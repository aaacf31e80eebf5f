<?php

declare(strict_types=1);

namespace DustyJet\CommandLine;

use BackedEnum;
use DustyJet\HoldTest\TraceCsv;

/** What was typed after the dashes of a command. */
final readonly class Options
{
    /** Between what was typed for an option that was given more than once. */
    public const AND = "\n";

    private const LONGEST_NUMBER = 40;

    /**
     * @param  array<string, string>  $typed
     * @param  list<string>  $words what was typed beside them
     */
    public function __construct(private array $typed, private array $words = [])
    {
    }

    /**
     * What the one file holds that was named.
     *
     * @throws Usage If none or two were, or it cannot be read.
     */
    public function file(): string
    {
        count($this->words) === 1 || throw Usage::show();
        (is_file($this->words[0]) && is_readable($this->words[0])) || throw Usage::unreadable($this->words[0]);
        filesize($this->words[0]) <= TraceCsv::MOST_BYTES
            || throw Usage::tooLarge(intdiv(TraceCsv::MOST_BYTES, 1_000_000));

        return (string) file_get_contents($this->words[0]);
    }

    public function has(string $name): bool
    {
        return isset($this->typed[$name]);
    }

    /** @return list<string> as often as it was given */
    public function all(string $name): array
    {
        return isset($this->typed[$name]) ? explode(self::AND, $this->typed[$name]) : [];
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

    /** @throws Usage If it is missing, no number, not above zero or above the most. */
    public function positive(string $name, float $most, ?float $otherwise = null): float
    {
        $value = $this->number($name, $otherwise);
        $value > 0.0 || throw Usage::notAboveZero($name, $value);
        $value <= $most || throw Usage::above($name, $value, $most);

        return $value;
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
        foreach ($words::cases() as $word) {
            if ((string) $word->value === $text) {
                return $word;
            }
        }
        $all = array_map(static fn (BackedEnum $w): string => (string) $w->value, $words::cases());

        throw Usage::notAmong($name, $all, $text);
    }
}
