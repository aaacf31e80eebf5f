<?php

declare(strict_types=1);

namespace DustyJet\PopOff;

use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\PressureUnit;

/**
 * Finds the pops of a pressure trace: where a line before and a line after, each of most of a second, do not meet.
 *
 * A pop is a sudden fall to a level. The strokes of a hand pump ripple and sag, a needle leaks, a gauge is let go: there
 * lines that meet in a kink explain the readings as well, or nothing is left to stand on. Tried on seeded traces by
 * `bench/popoff.php`.
 *
 * @internal kPa and seconds
 */
final readonly class PopDetector
{
    /** What is looked at on either side, and how many readings at least. */
    private const WINDOW_SECONDS = 0.8;

    private const FEWEST = 3;

    /** A fall of this time and of this many readings, or longer, is slow. */
    private const SLOW_SECONDS = 0.3;

    private const SLOW_READINGS = 3;

    private const LATE_SECONDS = 0.25;

    private const MOST = 16;

    /** A shallower fall is no pop. */
    private const LEAST_FALL_PSI = 0.5;

    /** A fall must be so many standard errors of itself. */
    private const LEAST_STANDARD_ERRORS = 3.0;

    /** No needle opens below this. */
    private const LEAST_POP_PSI = 1.5;

    /** And the line before must end above what follows by this. */
    private const LEAST_LINE_FALL_PSI = 0.45;

    /** As many readings before it are taken together at most. */
    private const MOST_BESIDE = 3;

    /** Two lines that do not meet must be so much likelier than two that do: twice the logarithm of the odds. */
    private const LEAST_ODDS = 5.0;

    /**
     * Noise is read off lines through so many readings, at this share of them; there a variance of three degrees of
     * freedom is this share of the true one.
     */
    private const NOISE_READINGS = 5;

    private const NOISE_SHARE = 0.25;

    private const NOISE_EXPECTED = 0.404;

    /** What is left after a pop is at least this share of what was there; less, and it was let go. */
    private const LEAST_LEFT = 0.45;

    private float $sigma;

    private float $perPsi;

    /**
     * @param  list<float>  $t
     * @param  list<float>  $y
     */
    private function __construct(private array $t, private array $y, float $step)
    {
        $this->perPsi = PressureUnit::Psi->pascals() / 1000.0;
        $this->sigma = max(self::noise($t, $y), $step / sqrt(12.0), 0.01 * $this->perPsi);
    }

    /**
     * @param  list<float>  $seconds
     * @param  list<float>  $kilopascals
     * @param  float  $step how finely the gauge was read, kPa
     *
     * @return list<Pop>
     */
    public static function in(array $seconds, array $kilopascals, float $step): array
    {
        return (new self($seconds, $kilopascals, $step))->pops();
    }

    /**
     * Standard deviation of the readings about short lines through them; of most lines, so that pops and the turns of
     * strokes do not count.
     *
     * @param  list<float>  $t
     * @param  list<float>  $y
     */
    private static function noise(array $t, array $y): float
    {
        $variances = [];
        for ($i = 0; $i + self::NOISE_READINGS <= count($t); $i += 2) {
            $line = Line::through($t, $y, range($i, $i + self::NOISE_READINGS - 1), $t[$i]);
            $variances[] = $line->squares / (self::NOISE_READINGS - 2);
        }
        sort($variances);

        return sqrt(($variances[(int) (self::NOISE_SHARE * count($variances))] ?? 0.0) / self::NOISE_EXPECTED);
    }

    /** @return list<Pop> */
    private function pops(): array
    {
        $pops = [];
        $best = null;
        $from = 0;
        foreach (array_keys($this->t) as $i) {
            foreach ([1, 2] as $gap) {
                $fall = $this->fall($from, $i, $i + $gap);
                if ($fall === null) {
                    continue;
                }
                if ($best !== null && $this->t[$i] > $this->t[$best->after] + 0.5 * self::WINDOW_SECONDS) {
                    $pops[] = $this->pop($best);
                    [$from, $best] = [$best->after, null];
                    $fall = $this->fall($from, $i, $i + $gap);
                }
                $best = $fall !== null && $fall->odds > ($best->odds ?? 0.0) ? $fall : $best;
            }
        }

        return $best === null ? $pops : [...$pops, $this->pop($best)];
    }

    private function pop(Fall $fall): Pop
    {
        return new Pop(
            0.5 * ($this->t[$fall->last] + $this->t[$fall->after]),
            GaugePressure::ofKilopascals($fall->from),
            GaugePressure::ofKilopascals(max(0.0, $fall->to)),
        );
    }

    /** The fall between two readings, if it is one. */
    private function fall(int $from, int $i, int $j): ?Fall
    {
        $before = $this->before($from, $i);
        $after = $this->after($j);
        if (count($before) < self::FEWEST || count($after) < self::FEWEST) {
            return null;
        }
        [$y, $t] = [$this->y, $this->t];
        $pre = Line::through($t, $y, $before, $t[$i]);
        $post = Line::through($t, $y, $after, $t[$j]);
        // A line that runs over the fall ends in the middle of it.
        $isOver = 0.5 * ($pre->value - $post->value) - 2.0 * $this->sigma > $y[$i] - $post->value;
        if ($isOver || ! $this->hasFallen($before, $post) || $pre->value - $post->mean < self::LEAST_LINE_FALL_PSI * $this->perPsi) {
            return null;
        }
        $left = $pre->value < self::LEAST_POP_PSI * $this->perPsi
            ? -INF
            : min(array_map(static fn (int $k): float => $y[$k], $after)) + 2.0 * $this->sigma;
        if ($left < self::LEAST_LEFT * $pre->value) {
            return null;
        }
        $all = [...$before, ...$after];
        $odds = ($this->kinked($all) - $pre->squares - $post->squares) / $this->sigma ** 2;
        if ($odds < self::LEAST_ODDS || $this->slow($all) < $pre->squares + $post->squares) {
            return null;
        }
        $last = $this->lastUp(max($from, $i - 1), $j, $pre->value - $post->value);

        return new Fall($i, $last, $j, $this->late($from, $last, 0.5 * ($t[$last] + $t[$j])), $post->mean, $odds);
    }

    /**
     * Whether the last readings before, however few, lie above the line after: a stroke that ends is a line that goes
     * on, and nothing fell.
     *
     * @param  non-empty-list<int>  $before
     */
    private function hasFallen(array $before, Line $after): bool
    {
        $sum = 0.0;
        foreach (array_reverse(array_slice($before, -self::MOST_BESIDE)) as $k => $i) {
            $sum += $this->y[$i];
            $fall = $sum / ($k + 1) - $after->value;
            $standardError = $this->sigma * sqrt(1.0 / ($k + 1) + $after->leverage);
            if ($fall >= max(self::LEAST_FALL_PSI * $this->perPsi, self::LEAST_STANDARD_ERRORS * $standardError)) {
                return true;
            }
        }

        return false;
    }

    /** The last of a few readings that is still up there; one that is not is in mid-fall. */
    private function lastUp(int $first, int $j, float $fall): int
    {
        $highest = max([$this->y[$first], ...array_slice($this->y, $first, $j - $first)]);
        for ($k = $j - 1; $k > $first; $k--) {
            if ($this->y[$k] > $highest - max(2.0 * $this->sigma, 0.1 * $fall)) {
                return $k;
            }
        }

        return $first;
    }

    /** @return list<int> readings up to one */
    private function before(int $from, int $i): array
    {
        $first = $i;
        while ($first > $from && $i - $first + 1 < self::MOST && $this->t[$i] - $this->t[$first - 1] <= self::WINDOW_SECONDS) {
            $first--;
        }

        return range($first, $i);
    }

    /** What was reached at a moment just after a reading, by the last of a stroke, which goes one way. */
    private function late(int $from, int $last, float $at): float
    {
        $first = $last;
        while ($first > $from && ($last - $first + 1 < self::FEWEST || $this->t[$last] - $this->t[$first - 1] <= self::LATE_SECONDS)) {
            $first--;
        }

        return Line::through($this->t, $this->y, range($first, $last), $at)->value;
    }

    /** @return list<int> readings from one on */
    private function after(int $j): array
    {
        $readings = [];
        for ($k = $j; isset($this->t[$k]) && count($readings) < self::MOST; $k++) {
            if ($this->t[$k] - $this->t[$j] > self::WINDOW_SECONDS) {
                break;
            }
            $readings[] = $k;
        }

        return $readings;
    }

    /**
     * The least squares of two lines that meet, wherever they do.
     *
     * @param  list<int>  $readings
     */
    private function kinked(array $readings): float
    {
        [$t, $y] = $this->only($readings);
        $squares = array_map(static fn (float $k): float => BrokenLine::squares($t, $y, [$k]), array_slice($t, 1, -1));

        return min([INF, ...$squares]);
    }

    /**
     * The least squares of two lines that a slow fall joins.
     *
     * @param  list<int>  $readings
     */
    private function slow(array $readings): float
    {
        [$t, $y] = $this->only($readings);
        $knots = array_slice($t, 1, -1);
        $least = INF;
        foreach ($knots as $k => $first) {
            foreach (array_slice($knots, $k + self::SLOW_READINGS) as $second) {
                $isSlow = $second - $first >= self::SLOW_SECONDS;
                $least = $isSlow ? min($least, BrokenLine::squares($t, $y, [$first, $second])) : $least;
            }
        }

        return $least;
    }

    /**
     * @param  list<int>  $readings
     *
     * @return array{0: list<float>, 1: list<float>} their seconds and kilopascals
     */
    private function only(array $readings): array
    {
        return [
            array_map(fn (int $i): float => $this->t[$i], $readings),
            array_map(fn (int $i): float => $this->y[$i], $readings),
        ];
    }
}
