<?php

declare(strict_types=1);

namespace DustyJet\Instrument;

use DustyJet\Quantity\PressureUnit;
use Random\Randomizer;

/**
 * A pressure gauge that is not there: pumped up by hand, held, and leaking as its scenario says, with a reading's
 * noise and step. Moves on by itself from reading to reading.
 */
final class StandInGauge
{
    private const STEP_SECONDS = 0.01;

    private const STROKE_PSI = 0.7;

    private const STROKE_SECONDS = 0.6;

    private const SETTLING_SECONDS = 2.5;

    private const NOISE_PSI = 0.008;

    private const GAUGE_STEP_PSI = 0.01;

    /** A room that warms and cools by this in two minutes. */
    private const DRIFT_PSI = 0.06;

    private const DRIFT_SECONDS = 120.0;

    private float $at = 0.0;

    private float $psi = 0.0;

    private float $warm = 0.0;

    private float $phase = 0.0;

    private float $rest = 1.5;

    private int $run = 0;

    private bool $isPumping = true;

    private ?float $letGoAt = null;

    public function __construct(private readonly GaugeScenario $scenario, private readonly Randomizer $chance)
    {
    }

    /**
     * What it reads, kPa.
     *
     * @param  float  $seconds since it was switched on, not before the last reading
     */
    public function read(float $seconds): float
    {
        while ($this->at < $seconds) {
            $this->step();
        }
        $drift = $this->scenario === GaugeScenario::DriftingRoom
            ? self::DRIFT_PSI * sin(2.0 * M_PI * $seconds / self::DRIFT_SECONDS)
            : 0.0;
        $psi = max(0.0, $this->psi + $this->warm) + $drift + self::NOISE_PSI * $this->normal();

        return round($psi / self::GAUGE_STEP_PSI) * self::GAUGE_STEP_PSI * PressureUnit::Psi->kilopascals();
    }

    private function step(): void
    {
        $dt = self::STEP_SECONDS;
        $this->at += $dt;
        $above = max(0.0, $this->psi - $this->scenario->sealsAtPsi());
        $this->psi -= $dt * $this->scenario->leakPerSecond($this->run) * $above;
        $this->warm -= $dt * $this->warm / self::SETTLING_SECONDS;
        $again = $this->scenario->isPumpedAgainAfter();
        if ($again !== null && $this->run === 0 && $this->at > $again) {
            $this->letGoAt ??= $this->at;
            $this->psi -= $dt * $this->psi / 0.15;
            if ($this->at > $this->letGoAt + 6.0) {
                [$this->run, $this->isPumping, $this->warm] = [1, true, 0.0];
            }

            return;
        }
        if ($this->isPumping) {
            $this->pump($dt);
        }
        $pops = $this->scenario->popsAtPsi();
        if ($pops !== null && $this->psi >= $pops) {
            $this->psi = $this->scenario->reseatsAtPsi() + 0.1 * $this->normal();
            [$this->phase, $this->rest] = [0.0, 3.0];
        }
    }

    private function pump(float $dt): void
    {
        if ($this->rest > 0.0) {
            $this->rest -= $dt;

            return;
        }
        $this->phase += $dt / self::STROKE_SECONDS;
        $this->psi += 2.0 * sin(M_PI * $this->phase) ** 2 * $dt * self::STROKE_PSI / self::STROKE_SECONDS;
        if ($this->phase >= 1.0) {
            [$this->phase, $this->rest] = [0.0, 0.3];
        }
        if ($this->psi >= $this->scenario->pumpedToPsi()) {
            [$this->isPumping, $this->warm] = [false, $this->scenario->settlesPsi()];
        }
    }

    /** Box and Muller, Ann. Math. Statist. 29 (1958). */
    private function normal(): float
    {
        $u = ($this->chance->getInt(0, 1 << 30) + 0.5) / ((1 << 30) + 1);

        return sqrt(-2.0 * log($u)) * cos(2.0 * M_PI * $this->chance->getInt(0, 1 << 30) / (1 << 30));
    }
}
