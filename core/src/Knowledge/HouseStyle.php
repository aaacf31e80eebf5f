<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

use stdClass;
use Symfony\Component\Yaml\Yaml;

/**
 * Knowledge as it is written: a key a line, an item a line, no line over 120, so that one changed number is one changed line.
 *
 * What a file says stays as it is; comments stay before what they stood before.
 */
final readonly class HouseStyle
{
    private const WIDTH = 120;

    /** An entry of a section with more keys than this is a block of its own. */
    private const SMALL = 2;

    /** @param  array<string, list<string>>  $comments by the path of the key they stand before */
    private function __construct(private array $comments)
    {
    }

    public static function of(string $yaml): string
    {
        $parsed = Yaml::parse($yaml, Yaml::PARSE_OBJECT_FOR_MAP);
        $style = new self(self::comments($yaml));

        return ltrim(implode("\n", $style->lines($parsed, '', '')), "\n")."\n";
    }

    /**
     * @param  string  $indent of the lines
     *
     * @return list<string>
     */
    private function lines(mixed $node, string $path, string $indent): array
    {
        $lines = [];
        foreach ($node instanceof stdClass ? get_object_vars($node) : (array) $node as $key => $value) {
            $here = "{$path}/{$key}";
            $comments = array_map(static fn (string $c): string => $indent.$c, $this->comments[$here] ?? []);
            $isParted = $comments !== [] || self::isBlock($value, $indent, isFirst: $lines === []);
            array_push($lines, ...($isParted ? ['', ...$comments] : []));
            $label = $node instanceof stdClass ? self::scalar((string) $key).':' : '-';
            array_push($lines, ...$this->entry($label, $value, $here, $indent));
        }

        return $lines;
    }

    /** An empty line parts the sections of a file, and the larger entries of a section. */
    private static function isBlock(mixed $value, string $indent, bool $isFirst): bool
    {
        $keys = $value instanceof stdClass ? count(get_object_vars($value)) : 0;

        return match (strlen($indent)) {
            0 => $value instanceof stdClass || is_array($value),
            2 => ! $isFirst && $keys > self::SMALL,
            default => false,
        };
    }

    /** @return list<string> */
    private function entry(string $label, mixed $value, string $path, string $indent): array
    {
        if ($value instanceof stdClass && get_object_vars($value) !== []) {
            $inner = $this->lines($value, $path, "{$indent}  ");

            return $label === '-'
                ? [$indent.'- '.ltrim($inner[0]), ...array_slice($inner, 1)]
                : ["{$indent}{$label}", ...$inner];
        }
        if (is_array($value) && $value !== []) {
            return ["{$indent}{$label}", ...$this->lines($value, $path, "{$indent}  ")];
        }
        $line = "{$indent}{$label} ".self::scalar($value);

        return mb_strlen($line) > self::WIDTH && is_string($value) ? self::folded($label, $value, $indent) : [$line];
    }

    /** @return list<string> */
    private static function folded(string $label, string $text, string $indent): array
    {
        $inner = "{$indent}  ";
        $wrapped = wordwrap($text, self::WIDTH - strlen($inner), "\n", false);

        return [
            "{$indent}{$label} >-",
            ...array_map(static fn (string $line): string => $inner.$line, explode("\n", $wrapped)),
        ];
    }

    private static function scalar(mixed $value): string
    {
        if (is_string($value)) {
            return self::isPlain($value) ? $value : (string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        }

        return match (true) {
            $value instanceof stdClass => '{}',
            $value === [] => '[]',
            default => (string) json_encode($value, JSON_PRESERVE_ZERO_FRACTION),
        };
    }

    /** Words that need no quotes: they begin with a letter and cannot be taken for anything else. */
    private static function isPlain(string $text): bool
    {
        $isWord = preg_match('~^[A-Za-z][A-Za-z0-9_ ,;.\'()/%+-]*$~', $text) === 1;

        return $isWord && ! str_ends_with($text, ' ') && Yaml::parse("key: {$text}") === ['key' => $text];
    }

    /** @return array<string, list<string>> */
    private static function comments(string $yaml): array
    {
        $comments = $waiting = [];
        $path = [];
        $items = [];
        foreach (explode("\n", $yaml) as $line) {
            if (preg_match('~^\s*(#.*)$~', $line, $comment) === 1) {
                $waiting[] = rtrim($comment[1]);
            } elseif (preg_match('~^( *)(- )?("[^"]*"|[\w ]+)(:|$)~', $line, $key) === 1) {
                $depth = intdiv(strlen($key[1]), 2);
                $path = array_slice($path, 0, $depth);
                $parent = implode('/', $path);
                $name = $key[2] === '' ? trim($key[3], '"') : (string) ($items[$parent] = ($items[$parent] ?? -1) + 1);
                $path[] = $name;
                if ($waiting !== []) {
                    $comments['/'.implode('/', $path)] = $waiting;
                    $waiting = [];
                }
            }
        }

        return $comments;
    }
}
