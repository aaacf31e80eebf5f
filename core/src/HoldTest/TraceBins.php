<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Numerics\Observations;

/**
 * Turns a trace into what the fit needs: single readings when it is short, a few hundred weighted ones when it is long.
 *
 * @internal
 */
final readonly class TraceBins
{
    private const KEEP_WHOLE = 300;

    /** Settling is over by then, so later bins may be wide. */
    private const EARLY_SECONDS = 30.0;

    private const EARLY_BINS = 90;

    private const LATE_BINS = 150;

    /**
     * Over a piece of a run the pressure moves by a quarter of a step at most, and by no more than this: 0.04 psi.
     * From memory; bench/scoring.php scores as without it.
     */
    private const MOVED_KILOPASCALS = 0.28;

    private const FEWEST_PIECES = 4;

    private const MOST_CELLS = 1500;

    public static function of(PressureTrace $trace): Observations
    {
        $noise = self::noise($trace);
        $asIntervals
            = $trace->stepKilopascals > 0.0 && ($trace->count() < 60 || $noise < 0.66 * $trace->stepKilopascals);
        if ($asIntervals && $trace->count() <= self::KEEP_WHOLE) {
            return self::observations(self::runs($trace), $trace->stepKilopascals);
        }
        if ($trace->count() <= self::KEEP_WHOLE) {
            return new Observations(
                $trace->seconds,
                $trace->kilopascals,
                array_fill(0, $trace->count(), 1.0),
                $trace->stepKilopascals,
                false,
            );
        }

        return $asIntervals ? self::cells($trace) : self::means($trace);
    }

    /** Standard deviation of the readings from their second differences, in which a slow fall cancels. */
    private static function noise(PressureTrace $trace): float
    {
        $y = $trace->kilopascals;
        $sum = 0.0;
        for ($i = 2, $n = count($y); $i < $n; $i++) {
            $sum += ($y[$i] - 2.0 * $y[$i - 1] + $y[$i - 2]) ** 2;
        }

        return sqrt($sum / 6.0 / max(1, count($y) - 2));
    }

    private static function bin(float $t, float $duration): int
    {
        if ($t < self::EARLY_SECONDS) {
            return (int) (($t / self::EARLY_SECONDS) * self::EARLY_BINS);
        }

        return self::EARLY_BINS
            + (int) ((($t - self::EARLY_SECONDS) / max(1e-9, $duration - self::EARLY_SECONDS)) * self::LATE_BINS);
    }

    /** Equal readings of one bin are one weighted interval at their mean time. */
    private static function cells(PressureTrace $trace): Observations
    {
        $duration = $trace->durationSeconds();
        $cells = [];
        foreach ($trace->seconds as $i => $t) {
            $y = $trace->kilopascals[$i];
            $key = self::bin($t, $duration).':'.$y;
            $cells[$key] ??= [0.0, $y, 0.0];
            $cells[$key][0] += $t;
            $cells[$key][2] += 1.0;
        }
        // Where hardly two readings are equal, rounding tells nothing that their mean does not.
        if (count($cells) > self::MOST_CELLS) {
            return self::means($trace);
        }

        return self::observations(array_values($cells), $trace->stepKilopascals);
    }

    /**
     * Readings that stay on one figure are taken together in pieces of that run: over the whole of it the pressure moves by
     * a step.
     *
     * @return list<array{0: float, 1: float, 2: float}> sum of times, reading, how many
     */
    private static function runs(PressureTrace $trace): array
    {
        $share = max(self::FEWEST_PIECES, (int) ceil($trace->stepKilopascals / self::MOVED_KILOPASCALS));
        $pieces = [];
        $y = $trace->kilopascals;
        $n = count($y);
        for ($from = 0; $from < $n; $from = $until) {
            $until = $from + 1;
            while ($until < $n && $y[$until] === $y[$from]) {
                $until++;
            }
            $most = max(1, intdiv($until - $from, $share));
            foreach (array_chunk(array_slice($trace->seconds, $from, $until - $from), $most) as $times) {
                $pieces[] = [array_sum($times), $y[$from], (float) count($times)];
            }
        }

        return $pieces;
    }

    /** @param  list<array{0: float, 1: float, 2: float}>  $cells sum of times, reading, how many */
    private static function observations(array $cells, float $step): Observations
    {
        return new Observations(
            array_map(static fn (array $c): float => $c[0] / $c[2], $cells),
            array_column($cells, 1),
            array_column($cells, 2),
            $step,
            true,
        );
    }

    private static function means(PressureTrace $trace): Observations
    {
        $duration = $trace->durationSeconds();
        $bins = [];
        foreach ($trace->seconds as $i => $t) {
            $y = $trace->kilopascals[$i];
            $b = self::bin($t, $duration);
            $bins[$b] ??= [0.0, 0.0, 0.0, 0.0];
            $bins[$b][0] += $t;
            $bins[$b][1] += $y;
            $bins[$b][2] += 1.0;
            $bins[$b][3] += $y * $y;
        }
        $within = 0.0;
        $x = $y = $weights = [];
        foreach ($bins as [$t, $sum, $n, $squares]) {
            $x[] = $t / $n;
            $y[] = $sum / $n;
            $weights[] = $n;
            $within += max(0.0, $squares - ($sum * $sum) / $n);
        }

        return new Observations($x, $y, $weights, $trace->stepKilopascals, false, $within);
    }
}
