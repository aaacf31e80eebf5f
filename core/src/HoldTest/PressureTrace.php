<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\PressureUnit;
use DustyJet\Quantity\QuantityOutOfRange;

/**
 * A closed volume watched over time: strictly later times, all readings pressure or all vacuum.
 *
 * Inside, readings are magnitudes in kPa away from the atmosphere, so that a leak always falls.
 */
final readonly class PressureTrace
{
    public const FEWEST_READINGS = 2;

    public const MOST_READINGS = 200_000;

    /** Ten times what a carburetor is ever tested with. */
    private const MOST_PASCALS = 1_000_000.0;

    /** A month. */
    private const MOST_SECONDS = 2_678_400.0;

    /** Below this nothing was pumped up, and a fit would only describe the gauge. */
    private const LEAST_PEAK_KILOPASCALS = 1.0;

    /**
     * @param  list<float>  $seconds from the first reading
     * @param  list<float>  $kilopascals magnitudes away from the atmosphere
     * @param  float  $stepKilopascals the step between two readings the gauge can show; 0 when it is not known
     */
    private function __construct(
        public array $seconds,
        public array $kilopascals,
        public bool $isVacuum,
        public float $stepKilopascals,
        public PressureUnit $unit,
        public float $startedAt,
    ) {
    }

    /**
     * @param  list<array{0: float, 1: float}>  $readings seconds and readings; a vacuum may be written with or without its sign
     * @param  float  $step how finely the gauge was read, in the unit of the readings; 0 when that is not known
     * @param  int  $firstLine of the text the readings came from, for the messages
     *
     * @throws UnusableTrace If there are too few readings, a time goes back, or nothing was pumped up.
     */
    public static function of(
        array $readings,
        PressureUnit $unit,
        bool $isVacuum,
        float $step = 0.0,
        int $firstLine = 1,
    ): self {
        if (count($readings) < self::FEWEST_READINGS) {
            throw UnusableTrace::tooFewReadings(count($readings), self::FEWEST_READINGS);
        }
        if (count($readings) > self::MOST_READINGS) {
            throw UnusableTrace::tooManyReadings(self::MOST_READINGS);
        }
        $start = $readings[0][0];
        $before = -INF;
        [$lowest, $highest] = [INF, -INF];
        $seconds = $magnitudes = [];
        $factor = $unit->pascals() / 1000.0;
        foreach ($readings as $i => [$time, $value]) {
            if (abs($time) > self::MOST_SECONDS) {
                throw UnusableTrace::impossible($firstLine + $i, 'no test lasts that long. Times are in seconds.');
            }
            if ($time <= $before) {
                throw UnusableTrace::timeGoesBack($firstLine + $i, $before, $time);
            }
            $before = $time;
            $seconds[] = $time - $start;
            // What lies between two that can be can be.
            if (! ($value >= $lowest && $value <= $highest)) {
                self::refuseIfImpossible($value, $unit, $isVacuum, $firstLine + $i);
                [$lowest, $highest] = [min($lowest, $value), max($highest, $value)];
            }
            $magnitudes[] = ($isVacuum ? abs($value) : $value) * $factor;
        }
        $peak = max($magnitudes);
        if ($peak < self::LEAST_PEAK_KILOPASCALS) {
            throw UnusableTrace::neverPumped($peak);
        }
        // Noise about zero is no vacuum; a fifth of the peak is.
        if (min($magnitudes) < -0.2 * $peak) {
            throw UnusableTrace::bothSigns($firstLine + (int) array_search(min($magnitudes), $magnitudes, true));
        }

        return new self($seconds, $magnitudes, $isVacuum, $step * $factor, $unit, $start);
    }

    public function count(): int
    {
        return count($this->seconds);
    }

    public function durationSeconds(): float
    {
        return $this->seconds[count($this->seconds) - 1];
    }

    /** @throws UnusableTrace If the reading cannot be. */
    private static function refuseIfImpossible(float $value, PressureUnit $unit, bool $isVacuum, int $line): void
    {
        $magnitude = $isVacuum ? abs($value) : $value;
        if (abs($magnitude) * $unit->pascals() > self::MOST_PASCALS) {
            throw UnusableTrace::impossible($line, 'no bench gauge reads that high. Check the unit.');
        }
        try {
            GaugePressure::of($isVacuum ? -$magnitude : $magnitude, $unit);
        } catch (QuantityOutOfRange $impossible) {
            throw UnusableTrace::impossible($line, $impossible->getMessage());
        }
    }
}
