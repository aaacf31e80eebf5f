<?php

declare(strict_types=1);

namespace Bench\Mixture;

use DustyJet\Numerics\NormalDistribution;

/**
 * Which curves the readings of a run leave, each with its weight.
 *
 * Nine shapes (an axis between ln(turns) and turns, a lean side as steep or steeper), a peak on a grid, height and bend
 * by weighted least squares and integrated out by their Gaussian (MacKay, Information Theory, Inference, and Learning
 * Algorithms, 2003, chapter 27). No axis is taken before the readings choose one, so nothing is drawn to the axis it was
 * fitted on; a reading far from all of them is weighed down (Tukey's biweight, Beaton and Tukey 1974).
 *
 * @internal
 */
final readonly class Belief
{
    private const AXES = [0.0, 0.5, 1.0];

    /** How much steeper the lean side may be. From memory. */
    private const STEEPER = [1.0, 2.0, 3.5];

    private const GRID_TURNS = 1.0 / 48.0;

    private const LEAST_TURNS = 0.125;

    /** Of a drop, what no parabola is expected to meet. From memory. */
    private const MISFIT = 0.15;

    /** The height is within this share of the fastest reading, the fall a quarter of the turns off less than that. */
    private const HEIGHT = 0.15;

    private const FALLS = 0.25;

    /** Lighter than this beside the heaviest it says nothing. */
    private const LEAST_WEIGHT = 1e-5;

    /** Five readings and more can spare one to be called an outlier. */
    private const SPARES = 5;

    private const BIWEIGHT = 4.685;

    /** Three points of a Gaussian: standard deviations and weights. */
    private const NODES = [[-1.7320508075688772, 1.0 / 6.0], [0.0, 2.0 / 3.0], [1.7320508075688772, 1.0 / 6.0]];

    /** @param  int  $lean the side of leaner turns, -1 or 1 */
    private function __construct(private float $travelTurns, private int $lean, private float $best)
    {
    }

    /**
     * @param  non-empty-list<array{0: float, 1: float}>  $readings turns and rpm
     * @param  float  $sigmaRpm of one reading
     * @param  float  $travelTurns as far as the screw goes
     *
     * @return list<Hypothesis> their weights sum to 1
     */
    public static function of(array $readings, float $sigmaRpm, float $travelTurns, bool $outIsRicher): array
    {
        $best = max(array_column($readings, 1));
        $belief = new self($travelTurns, $outIsRicher ? -1 : 1, $best);
        $weights = array_map(
            static fn (array $r): float => 1.0 / ($sigmaRpm ** 2 + (self::MISFIT * ($best - $r[1])) ** 2),
            $readings,
        );
        $all = $belief->weighed($readings, $weights);

        return count($readings) < self::SPARES ? $all : $belief->weighed($readings, self::robust($readings, $weights, $all));
    }

    /**
     * @param  non-empty-list<array{0: float, 1: float}>  $readings
     * @param  list<float>  $weights
     * @param  list<Hypothesis>  $all
     *
     * @return list<float>
     */
    private static function robust(array $readings, array $weights, array $all): array
    {
        $residuals = [];
        foreach ($readings as $i => [$turns, $rpm]) {
            $mean = array_sum(array_map(static fn (Hypothesis $h): float => $h->weight * $h->rpm($turns), $all));
            $residuals[] = abs($rpm - $mean) * sqrt($weights[$i]);
        }
        $sorted = $residuals;
        sort($sorted);
        $scale = max(1.0, 1.4826 * $sorted[intdiv(count($sorted), 2)]);

        return array_map(
            static fn (float $w, float $r): float => $w * max(1e-4, (1.0 - min(1.0, $r / (self::BIWEIGHT * $scale)) ** 2) ** 2),
            $weights,
            $residuals,
        );
    }

    /**
     * @param  non-empty-list<array{0: float, 1: float}>  $readings
     * @param  list<float>  $weights
     *
     * @return list<Hypothesis>
     */
    private function weighed(array $readings, array $weights): array
    {
        $fits = [];
        foreach (self::AXES as $axis) {
            $x = array_map(static fn (array $r): float => Hypothesis::x($r[0], $axis), $readings);
            for ($peak = self::LEAST_TURNS; $peak <= $this->travelTurns + 1e-9; $peak += self::GRID_TURNS) {
                $quarter = Hypothesis::x(1.25 * $peak, $axis) - Hypothesis::x($peak, $axis);
                foreach (self::STEEPER as $steeper) {
                    $fit = $this->fit($readings, $weights, $x, Hypothesis::x($peak, $axis), $steeper, $quarter);
                    $fits[] = [...$fit, 'peak' => $peak, 'axis' => $axis, 'steeper' => $steeper];
                }
            }
        }
        $most = max([-INF, ...array_column($fits, 'log')]);

        return $this->spread($fits, $most);
    }

    /**
     * @param  list<array{height: float, bend: float, sd: float, slope: float, log: float, peak: float, axis: float, steeper: float}>  $fits
     *
     * @return list<Hypothesis>
     */
    private function spread(array $fits, float $most): array
    {
        $all = [];
        $sum = 0.0;
        foreach ($fits as $f) {
            $weight = exp($f['log'] - $most);
            foreach ($weight < self::LEAST_WEIGHT ? [] : self::NODES as [$deviations, $share]) {
                $bend = $f['bend'] + $deviations * $f['sd'];
                if ($bend > 0.0) {
                    $height = $f['height'] + $f['slope'] * ($bend - $f['bend']);
                    $all[] = new Hypothesis($f['peak'], $height, $bend, $f['axis'], $f['steeper'], $this->lean, $weight * $share);
                    $sum += $weight * $share;
                }
            }
        }

        return array_map(static fn (Hypothesis $h): Hypothesis => $h->weighing($h->weight / $sum), $all);
    }

    /**
     * Height and bend at one peak, y = height + bend g with g known, both with a wide prior.
     *
     * @param  non-empty-list<array{0: float, 1: float}>  $readings
     * @param  list<float>  $weights
     * @param  list<float>  $x
     * @param  float  $quarter what a quarter of the turns is on the axis
     *
     * @return array{height: float, bend: float, sd: float, slope: float, log: float}
     */
    private function fit(array $readings, array $weights, array $x, float $peak, float $steeper, float $quarter): array
    {
        $sdHeight = self::HEIGHT * $this->best;
        $sdBend = self::FALLS * $this->best / $quarter ** 2;
        $w = 1.0 / $sdHeight ** 2;
        [$wy, $wyy, $wg, $wgy, $wgg] = [$w * $this->best, $w * $this->best ** 2, 0.0, 0.0, 1.0 / $sdBend ** 2];
        foreach ($readings as $i => [, $y]) {
            $d = $x[$i] - $peak;
            $g = -$d * $d * ($d * $this->lean > 0.0 ? $steeper : 1.0);
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
            'log' => -0.5 * ($squares + log($det)) - log($sdBend * $sdHeight) + log($positive),
        ];
    }
}
