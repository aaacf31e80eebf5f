<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/** What draws the fuel and through what it goes: the main circuit with its screw H, the idle circuit with its L. */
final readonly class Circuits
{
    /** kg/m3, petrol: common practice. */
    private const FUEL_DENSITY = 745.0;

    private const GRAVITY = 9.80665;

    private const MM2 = 1e-6;

    /**
     * @param  float  $fixedHighMm2 of a main jet beside the screw
     * @param  bool  $isDependent whether L's fuel has come past H
     * @param  float  $idleSignal share of the manifold's vacuum that the idle circuit gets
     * @param  float  $nozzleHeadMm of fuel that the main nozzle must lift; below zero it floods
     * @param  float  $fuelCoefficient discharge of jets and needles
     * @param  float  $vented share of its signals that a circuit still gets when the bowl's vent is blocked
     * @param  float  $mostKgS what the fuel supply lets through
     * @param  float  $highOpen share of the main circuit that dirt has left open
     * @param  float  $lowOpen share of the idle circuit
     */
    public function __construct(
        public TaperNeedle $high,
        public TaperNeedle $low,
        public float $fixedHighMm2,
        public bool $isDependent,
        public float $idleSignal,
        public float $nozzleHeadMm,
        public float $idleHeadMm,
        public float $fuelCoefficient,
        public float $vented = 1.0,
        public float $mostKgS = INF,
        public float $highOpen = 1.0,
        public float $lowOpen = 1.0,
    ) {
        UnusableEngine::unlessWithin('fixed_high_mm2', $fixedHighMm2, 0.0, 50.0);
        UnusableEngine::unlessWithin('idle_signal', $idleSignal, 0.0, 1.0);
        UnusableEngine::unlessWithin('nozzle_head_mm', $nozzleHeadMm, -100.0, 200.0);
        UnusableEngine::unlessWithin('idle_head_mm', $idleHeadMm, -100.0, 200.0);
        UnusableEngine::unlessWithin('fuel_coefficient', $fuelCoefficient, 0.1, 1.0);
    }

    /** The same with other needles and another jet beside H. */
    public function with(TaperNeedle $high, TaperNeedle $low, float $fixedHighMm2): self
    {
        return new self(
            $high,
            $low,
            $fixedHighMm2,
            $this->isDependent,
            $this->idleSignal,
            $this->nozzleHeadMm,
            $this->idleHeadMm,
            $this->fuelCoefficient,
            $this->vented,
            $this->mostKgS,
            $this->highOpen,
            $this->lowOpen,
        );
    }

    /** Dirt in one of its circuits: the share that it leaves open. */
    public function plugged(float $highOpen, float $lowOpen): self
    {
        return $this->ailing($this->idleSignal, 0.0, $this->vented, $this->mostKgS, $highOpen, $lowOpen);
    }

    /** Another signal at the idle circuit: its air is short, or comes where it should not. */
    public function signalling(float $idleSignal): self
    {
        return $this->ailing($idleSignal, 0.0, $this->vented, $this->mostKgS, $this->highOpen, $this->lowOpen);
    }

    /** A fuel level, or a lever, that makes each circuit lift so much more. */
    public function lifting(float $moreMm): self
    {
        return $this->ailing($this->idleSignal, $moreMm, $this->vented, $this->mostKgS, $this->highOpen, $this->lowOpen);
    }

    /** A vent that lets only this share of the signals through, a supply that lets only so much fuel through. */
    public function starved(float $vented, float $mostKgS): self
    {
        return $this->ailing(
            $this->idleSignal,
            0.0,
            $this->vented * $vented,
            min($this->mostKgS, $mostKgS),
            $this->highOpen,
            $this->lowOpen,
        );
    }

    private function ailing(
        float $idleSignal,
        float $moreMm,
        float $vented,
        float $mostKgS,
        float $highOpen,
        float $lowOpen,
    ): self {
        return new self(
            $this->high,
            $this->low,
            $this->fixedHighMm2,
            $this->isDependent,
            $idleSignal,
            $this->nozzleHeadMm + $moreMm,
            $this->idleHeadMm + $moreMm,
            $this->fuelCoefficient,
            $vented,
            $mostKgS,
            $highOpen,
            $lowOpen,
        );
    }

    /**
     * Fuel at these signals.
     *
     * @param  float  $main suction at the nozzle, Pa, before the fuel is lifted
     * @param  float  $idle suction at the idle circuit, Pa
     *
     * @return array{main: float, idle: float} kg/s
     */
    public function fuel(float $main, float $idle, Setting $setting): array
    {
        $high = $this->highOpen * ($this->high->area($setting->highTurns) + $this->fixedHighMm2);
        $low = $this->lowOpen * $this->low->area($setting->lowTurns);
        $low = $this->isDependent ? Throat::inSeries($low, $high) : $low;
        $fuel = [
            'main' => $this->through($high, $this->vented * $main - self::lift($this->nozzleHeadMm)),
            'idle' => $this->through($low, $this->vented * $idle - self::lift($this->idleHeadMm)),
        ];
        $all = $fuel['main'] + $fuel['idle'];
        $share = $all > $this->mostKgS ? $this->mostKgS / $all : 1.0;

        return ['main' => $share * $fuel['main'], 'idle' => $share * $fuel['idle']];
    }

    /** kg/s through square millimetres: Cf A sqrt(2 rho dp); none goes back. */
    private function through(float $area, float $pascals): float
    {
        return $this->fuelCoefficient * $area * self::MM2 * sqrt(2.0 * self::FUEL_DENSITY * max(0.0, $pascals));
    }

    /** Pascals. */
    private static function lift(float $millimetres): float
    {
        return self::FUEL_DENSITY * self::GRAVITY * 0.001 * $millimetres;
    }
}
