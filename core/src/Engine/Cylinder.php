<?php

declare(strict_types=1);

namespace DustyJet\Engine;

/** What burns, rubs and drives: the engine behind the carburetor. */
final readonly class Cylinder
{
    /** J/kg, petrol. */
    private const HEATING_VALUE = 43e6;

    /** Kilograms of air that burn one of petrol. */
    public const STOICHIOMETRIC = 14.7;

    /** phi of the most power. */
    private const BEST = 1.13;

    /**
     * @param  list<float>  $frictionKpa mean effective pressure at rest, per 1000 rpm, per 1000 rpm squared
     * @param  float  $loadWPerKrpm3 of a blade, a chain or a propeller
     * @param  float  $maximumRpm where the valves float or the coil limits
     * @param  float  $leanWidth in phi, from most power to none; from memory
     * @param  float  $inertiaKgM2 of all that turns; from memory where it is not said
     */
    public function __construct(
        public Stroke $stroke,
        public float $displacementCc,
        public float $volumetricEfficiency,
        public float $indicatedEfficiency,
        public array $frictionKpa,
        public float $loadWPerKrpm3,
        public float $maximumRpm,
        public float $leanWidth = 0.45,
        public float $richWidth = 0.75,
        public ?float $inertiaKgM2 = null,
    ) {
        UnusableEngine::unlessWithin('displacement_cc', $displacementCc, 5.0, 3000.0);
        UnusableEngine::unlessWithin('volumetric_efficiency', $volumetricEfficiency, 0.05, 1.5);
        UnusableEngine::unlessWithin('indicated_efficiency', $indicatedEfficiency, 0.01, 0.6);
        count($frictionKpa) === 3 || throw UnusableEngine::wrong('fmep_kpa', 'a list of three numbers');
        foreach ($frictionKpa as $i => $kilopascals) {
            UnusableEngine::unlessWithin("fmep_kpa.{$i}", $kilopascals, 0.0, 1000.0);
        }
        UnusableEngine::unlessWithin('load_w_per_krpm3', $loadWPerKrpm3, 0.0, 10_000.0);
        UnusableEngine::unlessWithin('max_rpm', $maximumRpm, 500.0, 40_000.0);
        UnusableEngine::unlessWithin('lean_width', $leanWidth, 0.05, 3.0);
        UnusableEngine::unlessWithin('rich_width', $richWidth, 0.05, 3.0);
        UnusableEngine::unlessWithin('inertia_kg_m2', $this->inertia(), 1e-6, 10.0);
    }

    /** The same at another efficiency and load. */
    public function giving(float $indicatedEfficiency, float $loadWPerKrpm3): self
    {
        return new self(
            $this->stroke,
            $this->displacementCc,
            $this->volumetricEfficiency,
            $indicatedEfficiency,
            $this->frictionKpa,
            $loadWPerKrpm3,
            $this->maximumRpm,
            $this->leanWidth,
            $this->richWidth,
            $this->inertiaKgM2,
        );
    }

    /** The same, filling and burning only in part. */
    public function failing(float $fills, float $burns): self
    {
        return new self(
            $this->stroke,
            $this->displacementCc,
            $this->volumetricEfficiency * $fills,
            $this->indicatedEfficiency * $burns,
            $this->frictionKpa,
            $this->loadWPerKrpm3,
            $this->maximumRpm,
            $this->leanWidth,
            $this->richWidth,
            $this->inertiaKgM2,
        );
    }

    /** Cubic metres a second that the piston sweeps for air. */
    public function sweeps(float $rpm): float
    {
        return $this->displacementCc * 1e-6 * $rpm / (60.0 * $this->stroke->revolutions());
    }

    /** Of the most power of this air, what a mixture gives: a parabola, steeper on the lean side. */
    public function output(float $phi): float
    {
        $width = $phi < self::BEST ? $this->leanWidth : $this->richWidth;

        return max(0.0, 1.0 - (($phi - self::BEST) / $width) ** 2);
    }

    /** Watts that so much air gives at its best mixture. */
    public function indicated(float $airKgS): float
    {
        return $airKgS * self::HEATING_VALUE / self::STOICHIOMETRIC * $this->indicatedEfficiency;
    }

    /**
     * Watts that friction, drawing and the load take.
     *
     * @param  float  $vacuum in the manifold, Pa below the air outside
     */
    public function takes(float $rpm, float $vacuum): float
    {
        $thousands = $rpm / 1000.0;
        [$rest, $first, $second] = $this->frictionKpa;
        $friction = 1000.0 * ($rest + $first * $thousands + $second * $thousands ** 2);

        $load = $this->loadWPerKrpm3 * $thousands ** 3;

        return ($friction + $this->stroke->pumping() * $vacuum) * $this->sweeps($rpm) + $load;
    }

    /** A saw's flywheel and clutch by its displacement; a mower's with its blade. From memory. */
    public function inertia(): float
    {
        return $this->inertiaKgM2 ?? ($this->stroke === Stroke::Two ? 1.5e-5 : 7.5e-5) * $this->displacementCc;
    }
}
