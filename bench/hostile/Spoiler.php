<?php

declare(strict_types=1);

use Random\Randomizer;

/** Spoils what it is given, wherever chance leads. */
final readonly class Spoiler
{
    public function __construct(private Randomizer $chance)
    {
    }

    /**
     * @template T
     *
     * @param  non-empty-array<array-key, T>  $from
     *
     * @return T
     */
    public function pick(array $from): mixed
    {
        $from = array_values($from);

        return $from[$this->chance->getInt(0, count($from) - 1)];
    }

    public function rubbish(): mixed
    {
        return $this->pick([
            null, true, false, 0, -1, 1e300, -1e300, 1e-300, PHP_INT_MAX, PHP_INT_MIN, 99999999999, '', ' ', 'NaN', '1e999', "\u{0000}",
            '<script>alert(1)</script>', "'; drop table entries; --", "\u{202E}abc", str_repeat('x', 5000), str_repeat('9', 400), [],
            ['a' => ['b' => []]], [[[[]]]], range(1, 50), '2026-13-45', '2026-02-30T25:00', '6f2a1b9c-0000-4000-8000-00000000000g',
            '%s%n', '../../etc/passwd', '{{ 7*7 }}', '-0', '1/0', '1 99/8', '०१२', "\r\nSet-Cookie: a=b", '0x1F', '1,5', '🛠', [null],
        ]);
    }

    /**
     * @param  array<array-key, mixed>  $node
     *
     * @return array<array-key, mixed>
     */
    public function tree(array $node): array
    {
        $keys = array_keys($node);
        if ($keys === []) {
            return ['unexpected' => $this->rubbish()];
        }
        $key = $keys[$this->chance->getInt(0, count($keys) - 1)];
        if (is_array($node[$key]) && $this->chance->getInt(0, 3) > 0) {
            $node[$key] = $this->tree($node[$key]);

            return $node;
        }
        match ($this->chance->getInt(0, 5)) {
            0 => $node = array_diff_key($node, [$key => 0]),
            1 => $node[(string) json_encode($this->rubbish())] = $node[$key],
            2 => $node[$key] = [$node[$key], $node[$key]],
            default => $node[$key] = $this->rubbish(),
        };

        return $node;
    }

    /** Bytes cut, doubled, turned or put in. */
    public function bytes(string $text): string
    {
        for ($i = $this->chance->getInt(1, 4); $i > 0; $i--) {
            $at = $this->chance->getInt(0, max(0, strlen($text) - 1));
            $text = match ($this->chance->getInt(0, 4)) {
                0 => substr($text, 0, $at),
                1 => substr($text, 0, $at).chr($this->chance->getInt(0, 255)).substr($text, $at + 1),
                2 => substr($text, 0, $at).substr($text, max(0, $at - 200)),
                3 => substr($text, $at),
                default => substr($text, 0, $at).str_repeat($this->pick(['[', '{"a":', '9', "\n", ',', '"']), 3000).substr($text, $at),
            };
        }

        return $text;
    }

    /** Lines of a hold test, mostly nearly right. */
    public function readings(): string
    {
        $n = $this->chance->getInt(0, 20) === 0 ? 20_000 : $this->chance->getInt(0, 300);
        $shape = $this->chance->getInt(0, 5);
        $from = $this->pick([5.0, 5.0, 5.0, 7.25, 0.0, -3.0, 1e-9, 400.0, 1e12]);
        $lines = [];
        for ($i = 0; $i < $n; $i++) {
            $y = match ($shape) {
                0 => $from * exp(-$i / 50.0),
                1 => $from - $i * 0.0001,
                2 => $from + $this->chance->getInt(-1000, 1000) / 1000.0,
                3 => $i % 2 === 0 ? $from : -$from,
                4 => $from + $i,
                default => $from,
            };
            $t = $this->chance->getInt(0, 400) === 0 ? $this->chance->getInt(-10, 100_000) : $i;
            $lines[] = "{$t} ".sprintf('%.5g', $y);
        }
        for ($k = max(0, $this->chance->getInt(-4, 2)); $k > 0; $k--) {
            $rubbish = $this->rubbish();
            array_splice($lines, $this->chance->getInt(0, count($lines)), 0, is_scalar($rubbish) ? (string) $rubbish : 'x');
        }

        return implode("\n", $lines);
    }
}
