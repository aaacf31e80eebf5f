<?php

declare(strict_types=1);

namespace DustyJet\Quantity;

/**
 * A screw position in turns out from lightly seated, held exactly as a whole number of 1/48 turns.
 *
 * 1/48 covers halves, thirds, quarters, sixths, eighths, twelfths and sixteenths. Out is counter-clockwise; what out
 * does to the mixture belongs to the screw, not to the turns.
 */
final readonly class Turns
{
    public const PER_TURN = 48;

    /** Twenty turns: longer than any carburetor screw. */
    public const MOST_UNITS = 20 * self::PER_TURN;

    private const GLYPHS = [
        '¼' => ' 1/4',
        '½' => ' 1/2',
        '¾' => ' 3/4',
        '⅛' => ' 1/8',
        '⅜' => ' 3/8',
        '⅝' => ' 5/8',
        '⅞' => ' 7/8',
        '⅓' => ' 1/3',
        '⅔' => ' 2/3',
        '⅙' => ' 1/6',
        '⅚' => ' 5/6',
    ];

    private const FRACTIONS_OF_A_TURN = ['half' => 2, 'quarter' => 4, 'third' => 3, 'eighth' => 8, 'sixteenth' => 16];

    private function __construct(private int $units)
    {
    }

    /** @throws UnreadableTurns If the count is negative or more than twenty turns. */
    public static function ofUnits(int $fortyEighths): self
    {
        if ($fortyEighths < 0 || $fortyEighths > self::MOST_UNITS) {
            throw UnreadableTurns::outOfReach(self::decimal($fortyEighths / self::PER_TURN));
        }

        return new self($fortyEighths);
    }

    /** The nearest 1/48 turn: a lossy step, for computed settings only. */
    public static function nearestTo(float $turns): self
    {
        return self::ofUnits((int) max(0, min(self::MOST_UNITS, round($turns * self::PER_TURN))));
    }

    /** The nearest eighth of a turn, the finest step a hand sets: lossy, for advice only. */
    public static function nearestEighthTo(float $turns): self
    {
        return self::ofUnits((int) max(0, min(self::MOST_UNITS, round($turns * 8.0) * 6)));
    }

    /** The nearest of its steps, as finely as that screw is set: lossy, for advice only. */
    public function nearestStepTo(float $turns): self
    {
        $steps = round($turns * self::PER_TURN / max(1, $this->units));

        return self::ofUnits((int) max(0, min(self::MOST_UNITS, $steps * $this->units)));
    }

    /**
     * Reads `1 3/4`, `1-3/4`, `1¾`, `1.75`, `1,75`, `3.5 half turns`, `7 quarters`, `2 1/4 + 1/8`, `2 - 1/8`.
     *
     * A whole number joined to a fraction without a space is one number: on shop cards 1-3/4 is one and three quarters.
     *
     * @throws UnreadableTurns If the text is no number, lies between two 1/48 marks, or is outside 0 to 20 turns.
     */
    public static function parse(string $text): self
    {
        $shown = trim($text);
        $plain = str_replace(
            ["\u{2212}", "\u{00A0}", "\u{2044}"],
            ['-', ' ', '/'],
            strtr(mb_strtolower($shown), self::GLYPHS),
        );
        if (
            $plain === ''
            || strlen($plain) > 60
            || preg_match(
                '~^(?<sum>[0-9/ .,+-]+?)\s*(?:(?<part>half|quarter|third|eighth|sixteenth)s?)?(?:[ -]*turns?)?\s*(?:out)?$~',
                $plain,
                $match,
            ) !== 1
        ) {
            throw UnreadableTurns::text($shown);
        }
        $divisor = isset($match['part']) ? self::FRACTIONS_OF_A_TURN[$match['part']] : 1;

        return self::fromExactUnits(self::sum($match['sum'], $shown) / $divisor, $shown);
    }

    public function inUnits(): int
    {
        return $this->units;
    }

    public function inTurns(): float
    {
        return $this->units / self::PER_TURN;
    }

    public function inHalfTurns(): float
    {
        return ($this->units * 2) / self::PER_TURN;
    }

    /** @throws UnreadableTurns If the result is more than twenty turns. */
    public function plus(self $other): self
    {
        return self::ofUnits($this->units + $other->units);
    }

    /** @throws UnreadableTurns If the result would be below seated. */
    public function minus(self $other): self
    {
        return self::ofUnits($this->units - $other->units);
    }

    public function isSameAs(self $other): bool
    {
        return $this->units === $other->units;
    }

    /** Whole turns, without the fraction. */
    public function whole(): int
    {
        return intdiv($this->units, self::PER_TURN);
    }

    /** The fraction in lowest terms, e.g. `3/4`, or an empty string. */
    public function fraction(): string
    {
        $rest = $this->units % self::PER_TURN;
        if ($rest === 0) {
            return '';
        }
        $divisor = self::greatestCommonDivisor($rest, self::PER_TURN);

        return $rest / $divisor.'/'.self::PER_TURN / $divisor;
    }

    /** As technicians say it: `1 3/4`, `3/4`, `2`. */
    public function __toString(): string
    {
        $fraction = $this->fraction();
        if ($fraction === '') {
            return (string) $this->whole();
        }

        return $this->whole() === 0 ? $fraction : $this->whole().' '.$fraction;
    }

    private static function sum(string $text, string $shown): float
    {
        $text = (string) preg_replace('~(?<![\d/.,])(\d{1,2})-(?=\d{1,2}/\d)~', '$1 ', $text);
        if (preg_match('~^[+-]?[^+-]+(?:[+-][^+-]+)*$~', $text) !== 1) {
            throw UnreadableTurns::text($shown);
        }
        preg_match_all('~([+-]?)([^+-]+)~', $text, $terms, PREG_SET_ORDER);
        $units = 0.0;
        foreach ($terms as $term) {
            $units += ($term[1] === '-' ? -1 : 1) * self::term(trim($term[2]), $shown);
        }

        return $units;
    }

    /** One mixed number in 1/48 turns: `1 3/4`, `3/4`, `1.75`. */
    private static function term(string $text, string $shown): float
    {
        if (preg_match('~^(?:(\d{1,4})\s+)?(\d{1,4})\s*/\s*(\d{1,4})$~', $text, $m) === 1 && (int) $m[3] !== 0) {
            return (int) $m[1] * self::PER_TURN + ((int) $m[2] * self::PER_TURN) / (int) $m[3];
        }
        if (preg_match('~^(?:\d{1,4}(?:[.,]\d{1,6})?|[.,]\d{1,6})$~', $text) === 1) {
            return (float) str_replace(',', '.', $text) * self::PER_TURN;
        }

        throw UnreadableTurns::text($shown);
    }

    private static function fromExactUnits(float $units, string $shown): self
    {
        if ($units < 0.0 || $units > self::MOST_UNITS) {
            throw UnreadableTurns::outOfReach($shown);
        }
        // A third typed as 0.333 is a third: decimals carry at most a thousandth of a turn.
        $nearest = (int) round($units);
        if (abs($units - $nearest) > 0.05) {
            throw UnreadableTurns::betweenMarks($shown, new self((int) floor($units)), new self((int) ceil($units)));
        }

        return new self($nearest);
    }

    private static function decimal(float $turns): string
    {
        return rtrim(rtrim(sprintf('%.3f', $turns), '0'), '.');
    }

    private static function greatestCommonDivisor(int $a, int $b): int
    {
        while ($b !== 0) {
            [$a, $b] = [$b, $a % $b];
        }

        return $a;
    }
}
