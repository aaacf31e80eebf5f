<?php

declare(strict_types=1);

namespace DustyJet\Mixture;

use DustyJet\Numerics\NormalDistribution;

/**
 * Which curves the readings of a run leave, each with its weight.
 *
 * Many shapes, a peak on a grid, height and bend by weighted least squares and integrated out by their Gaussian (MacKay,
 * Information Theory, Inference, and Learning Algorithms, 2003, chapter 27). No axis is taken before the readings choose
 * one, so nothing is drawn to the axis it was fitted on; a reading far from all of them is weighed down (Tukey's
 * biweight, Beaton and Tukey 1974). What was heard weighs the curves by where they put the mixture.
 *
 * @internal
 */
final readonly class CurveBelief
{
    private const GRID_A_TURN = 24;

    private const LEAST_PEAK = 0.125;

    /** Of a drop, what no parabola is expected to meet. From memory. */
    private const MISFIT = 0.15;

    /** The height is within this share of the fastest reading. From memory. */
    private const HEIGHT = 0.15;

    /** Slower than this beside the fastest is too far off for any parabola. */
    private const WITHIN_REACH = 0.8;

    /** Lighter than this beside the heaviest it says nothing. */
    private const LEAST_WEIGHT = 1e-4;

    /** So many curves stand for all: enough for quantiles of one in forty. */
    private const CURVES = 400;

    /** Five readings and more can spare one to be called an outlier. */
    private const SPARES = 5;

    private const BIWEIGHT = 4.685;

    /** Three points of a Gaussian (Gauss and Hermite): standard deviations and weights. */
    private const NODES = [[-1.7320508075688772, 1.0 / 6.0], [0.0, 2.0 / 3.0], [1.7320508075688772, 1.0 / 6.0]];

    private float $best;

    /** @var list<array{0: float, 1: float}> turns and rpm, within reach of the fastest */
    private array $speeds;

    /** @var list<array{0: float, 1: Mark}> turns and what was heard there */
    private array $heard;

    /** @param  list<MixtureReading>  $readings */
    private function __construct(array $readings, private MixtureScrew $screw, private bool $isFullThrottle)
    {
        $this->best = max([1.0, ...array_map(static fn (MixtureReading $r): float => $r->rpm(), $readings)]);
        $speeds = $heard = [];
        foreach ($readings as $reading) {
            if ($reading->rpm() >= self::WITHIN_REACH * $this->best) {
                $speeds[] = [$reading->turns->inTurns(), $reading->rpm()];
            }
            foreach ($reading->marks as $mark) {
                $heard[] = [$reading->turns->inTurns(), $mark];
            }
        }
        $this->speeds = $speeds;
        $this->heard = $heard;
    }

    /**
     * @param  list<MixtureReading>  $readings
     * @param  bool  $isFullThrottle of a two-stroke without load
     *
     * @return list<SpeedCurve> their weights sum to 1; none where no parabola fits
     */
    public static function of(array $readings, MixtureScrew $screw, bool $isFullThrottle = false): array
    {
        $belief = new self($readings, $screw, $isFullThrottle);
        $weights = array_map(
            static fn (array $r): float => 1.0 / ($screw->sigmaRpm ** 2 + (self::MISFIT * ($belief->best - $r[1])) ** 2),
            $belief->speeds,
        );
        $all = $belief->weighed($weights);

        return count($belief->speeds) < self::SPARES ? $all : $belief->weighed($belief->robust($weights, $all));
    }

    /**
     * @param  list<float>  $weights
     * @param  list<SpeedCurve>  $all
     *
     * @return list<float>
     */
    private function robust(array $weights, array $all): array
    {
        $residuals = [];
        foreach ($this->speeds as $i => [$turns, $rpm]) {
            $mean = array_sum(array_map(static fn (SpeedCurve $c): float => $c->weight * $c->rpm($turns), $all));
            $residuals[] = abs($rpm - $mean) * sqrt($weights[$i]);
        }
        $sorted = $residuals;
        sort($sorted);
        $scale = self::BIWEIGHT * max(1.0, 1.4826 * $sorted[intdiv(count($sorted), 2)]);

        return array_map(
            static fn (float $w, float $r): float => $w * max(1e-4, (1.0 - min(1.0, $r / $scale) ** 2) ** 2),
            $weights,
            $residuals,
        );
    }

    /**
     * @param  list<float>  $weights
     *
     * @return list<SpeedCurve>
     */
    private function weighed(array $weights): array
    {
        $fits = [];
        foreach (Shape::all($this->isFullThrottle, $this->heard !== []) as $shape) {
            $x = array_map(static fn (array $r): float => $shape->x($r[0]), $this->speeds);
            foreach ($this->peaks() as $peak) {
                $fit = $this->fit($weights, $x, $peak, $shape);
                $fit['log'] += $this->heardAt($peak, $shape);
                $fits[] = [...$fit, 'peak' => $peak, 'shape' => $shape];
            }
        }

        return $this->spread($fits, max([-INF, ...array_column($fits, 'log')]));
    }

    /**
     * @param  list<array{height: float, bend: float, sd: float, slope: float, log: float, peak: float, shape: Shape}>  $fits
     *
     * @return list<SpeedCurve>
     */
    private function spread(array $fits, float $most): array
    {
        $all = [];
        $sum = 0.0;
        foreach ($fits as $f) {
            $weight = exp($f['log'] - $most);
            $sum += $weight < self::LEAST_WEIGHT ? 0.0 : $weight;
            foreach ($weight < self::LEAST_WEIGHT ? [] : self::bends($f['bend'], $f['sd']) as [$bend, $share]) {
                $height = $f['height'] + $f['slope'] * ($bend - $f['bend']);
                $all[] = new SpeedCurve($f['peak'], $height, $bend, $f['shape'], $this->screw->rich(), $weight * $share);
            }
        }

        return self::fewer($all, $sum);
    }

    /**
     * A few bends that stand for a Gaussian of them, of which only what bends down is a peak.
     *
     * @return non-empty-list<array{0: float, 1: float}> bend and share of the weight
     */
    private static function bends(float $middle, float $sd): array
    {
        $bends = [];
        $shares = 0.0;
        foreach (self::NODES as [$deviations, $share]) {
            if ($middle + $deviations * $sd > 0.0) {
                $bends[] = [$middle + $deviations * $sd, $share];
                $shares += $share;
            }
        }

        // Far in the tail it is an exponential with this mean.
        return $bends === []
            ? [[$sd ** 2 / abs($middle), 1.0]]
            : array_map(static fn (array $b): array => [$b[0], $b[1] / $shares], $bends);
    }

    /**
     * As many as a quantile needs: every curve that a comb of so many even teeth meets on the pile of their weights.
     *
     * @param  list<SpeedCurve>  $all
     *
     * @return list<SpeedCurve>
     */
    private static function fewer(array $all, float $sum): array
    {
        $kept = [];
        $below = 0.0;
        $tooth = 0;
        foreach ($all as $curve) {
            $below += $curve->weight / $sum * self::CURVES;
            $teeth = (int) floor($below + 0.5) - $tooth;
            $tooth += $teeth;
            if ($teeth > 0) {
                $kept[] = $curve->weighing($teeth / self::CURVES);
            }
        }

        return $kept;
    }

    /** @return list<float> turns, as far as the screw goes */
    private function peaks(): array
    {
        $last = (int) floor(($this->screw->travel - self::LEAST_PEAK) * self::GRID_A_TURN + 1e-6);

        return array_map(static fn (int $i): float => self::LEAST_PEAK + $i / self::GRID_A_TURN, range(0, max(0, $last)));
    }

    /** Logarithm of how likely what was heard is, with the peak there. */
    private function heardAt(float $peak, Shape $shape): float
    {
        $curve = new SpeedCurve($peak, 1.0, 1.0, $shape, $this->screw->rich(), 1.0);
        $log = 0.0;
        foreach ($this->heard as [$turns, $mark]) {
            $log += log($mark->chance($curve->phi($turns), $this->isFullThrottle));
        }

        return $log;
    }

    /**
     * Height and bend at one peak, y = height + bend g with g known, both with a Gaussian prior.
     *
     * @param  list<float>  $weights
     * @param  list<float>  $x
     *
     * @return array{height: float, bend: float, sd: float, slope: float, log: float}
     */
    private function fit(array $weights, array $x, float $peak, Shape $shape): array
    {
        [$bendBefore, $sdBend] = $shape->bend($peak, $this->best);
        $at = $shape->x($peak);
        $rich = $this->screw->rich();
        $w = 1.0 / (self::HEIGHT * $this->best) ** 2;
        $wgg = 1.0 / $sdBend ** 2;
        [$wy, $wyy] = [$w * $this->best, $w * $this->best ** 2];
        [$wg, $wgy, $wyy] = [0.0, $wgg * $bendBefore, $wyy + $wgg * $bendBefore ** 2];
        $logPrior = 0.5 * log($w * $wgg);
        foreach ($this->speeds as $i => [, $y]) {
            $g = $shape->basis($rich * ($x[$i] - $at));
            $weight = $weights[$i];
            $w += $weight;
            $wy += $weight * $y;
            $wyy += $weight * $y * $y;
            $wg += $weight * $g;
            $wgg += $weight * $g * $g;
            $wgy += $weight * $g * $y;
        }
        $det = $w * $wgg - $wg * $wg;
        $bend = ($w * $wgy - $wg * $wy) / $det;
        $height = ($wgg * $wy - $wg * $wgy) / $det;
        $sd = sqrt($w / $det);
        $squares = max(0.0, $wyy - $height * $wy - $bend * $wgy);
        $positive = max(1e-12, NormalDistribution::below($bend / $sd));

        return [
            'height' => $height,
            'bend' => $bend,
            'sd' => $sd,
            'slope' => -$wg / $w,
            'log' => $logPrior - 0.5 * ($squares + log($det)) + log($positive),
        ];
    }
}
