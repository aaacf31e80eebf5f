<?php

declare(strict_types=1);

namespace DustyJet\Bank;

/** Carburetors on one engine and what was read of them so far. One, the reference, has no screw of its own. */
final readonly class Bank
{
    /** From memory. */
    public const TOLERANCE_INHG = 0.5;

    /** A blip more tells less than it costs. Common practice. */
    public const MOST_BLIPS = 5;

    public const MOST = 6;

    private const MOST_READINGS = 400;

    private const MOST_INHG = 30.0;

    private const MOST_TURNS = 2.0;

    /**
     * @param  list<string>  $carburetors in their order, the top one first
     * @param  non-empty-list<Reading>  $readings in the order they were taken
     * @param  float  $toleranceInhg how far each may be from the reference
     * @param  float  $stepInhg how finely the gauges are read
     *
     * @throws UnusableBank With what is wrong.
     */
    public function __construct(
        public array $carburetors,
        public string $reference,
        public array $readings,
        public float $toleranceInhg = self::TOLERANCE_INHG,
        public float $stepInhg = 0.1,
    ) {
        $isBank = count($carburetors) >= 2 && count($carburetors) <= self::MOST
            && count(array_unique($carburetors)) === count($carburetors);
        $isBank || throw UnusableBank::field('carburetors', 'from 2 to '.self::MOST.' different names');
        in_array($reference, $carburetors, true) || throw UnusableBank::field('reference', 'one of the carburetors');
        self::within('tolerance_inhg', $toleranceInhg, 0.01, 10.0);
        self::within('step_inhg', $stepInhg, 0.0, 5.0);
        count($readings) <= self::MOST_READINGS
            || throw UnusableBank::field('readings', 'at most '.self::MOST_READINGS);
        foreach ($readings as $i => $reading) {
            $this->check("readings.{$i}", $reading);
        }
    }

    /** @return list<string> those with a screw of their own */
    public function screws(): array
    {
        return array_values(array_filter($this->carburetors, fn (string $c): bool => $c !== $this->reference));
    }

    public function latest(): Reading
    {
        return $this->readings[count($this->readings) - 1];
    }

    private function check(string $at, Reading $reading): void
    {
        $names = array_map(strval(...), array_keys($reading->vacuum));
        array_diff($names, $this->carburetors) === []
            || throw UnusableBank::field("{$at}.vacuum_inhg", 'of the carburetors of the bank');
        foreach ($this->carburetors as $carburetor) {
            $values = $reading->vacuum[$carburetor] ?? [];
            (count($values) >= 1 && count($values) <= self::MOST_BLIPS)
                || throw UnusableBank::field("{$at}.vacuum_inhg.{$carburetor}", 'from 1 to '.self::MOST_BLIPS.' values');
            foreach ($values as $value) {
                self::within("{$at}.vacuum_inhg.{$carburetor}", $value, 0.0, self::MOST_INHG);
            }
        }
        if ($reading->after !== null) {
            in_array($reading->after->carburetor, $this->screws(), true)
                || throw UnusableBank::field("{$at}.after_move.carburetor", 'one with a screw of its own');
            self::within("{$at}.after_move.turns", $reading->after->turns, -self::MOST_TURNS, self::MOST_TURNS);
        }
    }

    private static function within(string $field, float $value, float $least, float $most): void
    {
        (is_finite($value) && $value >= $least && $value <= $most)
            || throw UnusableBank::field($field, "a number from {$least} to {$most}");
    }
}
