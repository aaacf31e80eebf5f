<?php

declare(strict_types=1);

namespace DustyJet\PopOff;

use Random\Randomizer;

/**
 * A made-up pop-off series with a known truth: a hand pump's strokes that ripple and sag, a needle that opens at its
 * pressure and closes at another, a leak, and the gauge let go at the end. Watched through a noisy, stepped gauge.
 */
final readonly class ScriptedPopOff
{
    private const STEP_SECONDS = 0.005;

    /** How fast the needle lets the pressure down. */
    private const FALL_SECONDS = 0.015;

    /** What a stroke heats the air by cools away, as a share of the stroke. */
    private const SAG = 0.15;

    private const SAG_SECONDS = 0.6;

    /**
     * @param  float  $popPsi where it opens, on average; 0 for a needle that never does
     * @param  float  $spreadPsi standard deviation of that
     * @param  float  $leakPerSecond share of the pressure that leaks away
     * @param  float  $strokePsi what a stroke of the pump adds
     * @param  float  $strokeSeconds how long one takes, as long again between two
     */
    public function __construct(
        public float $popPsi = 10.0,
        public float $reseatPsi = 8.0,
        public float $spreadPsi = 0.1,
        public int $pops = 3,
        public float $leakPerSecond = 0.002,
        public float $strokePsi = 1.0,
        public float $strokeSeconds = 0.5,
        public float $noisePsi = 0.03,
        public float $stepPsi = 0.05,
        public bool $isLetGo = true,
    ) {
    }

    /**
     * @return array{readings: list<array{0: float, 1: float}>, pops: list<array{t: float, pop: float, reseat: float}>}
     *     seconds and psi as read; seconds and psi of what happened
     */
    public function trace(float $perSecond, Randomizer $chance): array
    {
        $readings = $pops = [];
        $wait = 1.0;
        $phase = $cold = $t = $p = 0.0;
        $opensAt = $this->opensAt($chance);
        $opened = null;
        $ends = null;
        for ($next = 0.0; $ends === null || $t < $ends + 2.0;) {
            if ($t >= $next) {
                $seen = $p + $this->noisePsi * self::gaussian($chance);
                $readings[] = [round($t, 3), $this->stepPsi > 0.0 ? round($seen / $this->stepPsi) * $this->stepPsi : $seen];
                $next += 1.0 / $perSecond;
            }
            $t += self::STEP_SECONDS;
            $p -= self::STEP_SECONDS * ($this->leakPerSecond * $p + $cold / self::SAG_SECONDS);
            $cold -= self::STEP_SECONDS * $cold / self::SAG_SECONDS;
            if ($ends !== null) {
                $p -= $t > $ends && $this->isLetGo ? self::STEP_SECONDS * $p / 0.12 : 0.0;
            } elseif ($opened !== null) {
                $p = $opened['reseat'] + ($p - $opened['reseat']) * exp(-self::STEP_SECONDS / self::FALL_SECONDS);
                if ($t > $opened['t'] + 0.08) {
                    $opened = null;
                    $wait = 1.0 + $chance->getInt(0, 1000) / 1000;
                    $ends = count($pops) >= $this->pops ? $t + 1.5 : null;
                }
            } elseif ($wait > 0.0) {
                $wait -= self::STEP_SECONDS;
            } else {
                $phase += self::STEP_SECONDS / $this->strokeSeconds;
                $rise = self::STEP_SECONDS * $this->strokePsi / $this->strokeSeconds * 2.0 * sin(M_PI * $phase) ** 2;
                $p += $rise;
                $cold += self::SAG * $rise;
                [$phase, $wait] = $phase >= 1.0 ? [0.0, $this->strokeSeconds * $chance->getInt(20, 100) / 100] : [$phase, $wait];
            }
            if ($opened === null && $ends === null && $this->popPsi > 0.0 && $p >= $opensAt) {
                $reseat = $this->reseatPsi + $opensAt - $this->popPsi;
                $opened = ['t' => $t, 'pop' => $p, 'reseat' => $reseat];
                $pops[] = $opened;
                [$phase, $cold, $opensAt] = [0.0, 0.0, $this->opensAt($chance)];
            }
            $isTired = $this->popPsi <= 0.0 && ($p >= 12.0 || $t > 25.0);
            $ends ??= $isTired ? $t + 3.0 : null;
        }

        return ['readings' => $readings, 'pops' => $pops];
    }

    private function opensAt(Randomizer $chance): float
    {
        return $this->popPsi + $this->spreadPsi * self::gaussian($chance);
    }

    /** Box and Muller, Ann. Math. Statist. 29 (1958). */
    private static function gaussian(Randomizer $chance): float
    {
        $u = ($chance->getInt(0, 1 << 30) + 0.5) / ((1 << 30) + 1);

        return sqrt(-2.0 * log($u)) * cos(2.0 * M_PI * $chance->getInt(0, 1 << 30) / (1 << 30));
    }
}
