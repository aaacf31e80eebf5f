<?php

declare(strict_types=1);

namespace DustyJet\HoldTest;

use DustyJet\Quantity\Flow;
use DustyJet\Quantity\PressureUnit;
use Random\Randomizer;

/**
 * A made-up leak with a known truth, watched through a noisy, stepped gauge: for the demo, the benchmark and the tests.
 *
 * It integrates the mass balance by itself (fourth-order Runge-Kutta), sharing no solution with the analysis it is
 * used on.
 */
final readonly class ScriptedLeak
{
    /**
     * @param  Flow  $leak at the start
     * @param  float  $startPsi gauge; for a vacuum its magnitude
     * @param  float|null  $sealsBelowPsi where the joint closes; null when it never does
     * @param  float  $plateauTauSeconds how quickly it gets there
     */
    public function __construct(
        public Rig $rig,
        public LeakShape $shape,
        public Flow $leak,
        public float $startPsi = 5.0,
        public bool $isVacuum = false,
        public float $settlingPsi = 0.0,
        public float $settlingSeconds = 2.0,
        public float $noisePsi = 0.01,
        public float $stepPsi = 0.1,
        public ?float $sealsBelowPsi = null,
        public float $plateauTauSeconds = 30.0,
    ) {
    }

    /**
     * @param  list<float>  $seconds when the gauge is read, rising
     *
     * @return list<array{0: float, 1: float}> seconds and psi as read, vacuum as a magnitude
     */
    public function readings(array $seconds, Randomizer $chance): array
    {
        $readings = [];
        foreach ($this->truthPsi($seconds) as $i => $psi) {
            $noisy
                = $psi
                + $this->settlingPsi * exp(-$seconds[$i] / $this->settlingSeconds)
                + $this->noisePsi * self::gaussian($chance);
            $readings[] = [
                $seconds[$i],
                $this->stepPsi > 0.0 ? round($noisy / $this->stepPsi) * $this->stepPsi : $noisy,
            ];
        }

        return $readings;
    }

    /**
     * @param  list<float>  $seconds
     *
     * @throws UnusableTrace If nothing usable comes out, e.g. with a start of zero.
     */
    public function trace(array $seconds, Randomizer $chance): PressureTrace
    {
        return PressureTrace::of(
            $this->readings($seconds, $chance),
            PressureUnit::Psi,
            $this->isVacuum,
            $this->stepPsi,
        );
    }

    /**
     * @param  list<float>  $seconds
     *
     * @return list<float>
     */
    private function truthPsi(array $seconds): array
    {
        if ($this->sealsBelowPsi !== null) {
            $floor = $this->sealsBelowPsi;

            return array_map(
                fn (float $t): float => $floor + ($this->startPsi - $floor) * exp(-$t / $this->plateauTauSeconds),
                $seconds,
            );
        }
        $perPsi = PressureUnit::Psi->pascals() / 1000.0;
        $atmosphere = 101.325;
        $p = $this->startPsi * $perPsi;
        $k
            = $this->leak->asPressureChangeOf($this->rig->volume)
            / 1000.0
            / max(1e-12, $this->shape->rate($p, $this->isVacuum, $atmosphere));
        $fall = fn (float $at): float => -$k * $this->shape->rate($at, $this->isVacuum, $atmosphere);
        $truth = [];
        $now = 0.0;
        foreach ($seconds as $t) {
            $steps = max(1, (int) ceil(($t - $now) / 1.0));
            $h = ($t - $now) / $steps;
            for ($i = 0; $i < $steps; $i++) {
                $a = $fall($p);
                $b = $fall($p + 0.5 * $h * $a);
                $c = $fall($p + 0.5 * $h * $b);
                $d = $fall($p + $h * $c);
                $p = max(0.0, $p + ($h / 6.0) * ($a + 2.0 * $b + 2.0 * $c + $d));
            }
            $now = $t;
            $truth[] = $p / $perPsi;
        }

        return $truth;
    }

    /** Box and Muller, Ann. Math. Statist. 29 (1958). */
    private static function gaussian(Randomizer $chance): float
    {
        $u = ($chance->getInt(0, 1 << 30) + 0.5) / ((1 << 30) + 1);
        $v = $chance->getInt(0, 1 << 30) / (1 << 30);

        return sqrt(-2.0 * log($u)) * cos(2.0 * M_PI * $v);
    }
}
