<?php

declare(strict_types=1);

namespace DustyJet\Engine;

use DustyJet\Air\IsentropicFlow;
use DustyJet\Quantity\AbsolutePressure;

/** The air an engine breathes. */
final readonly class Weather
{
    private const CELSIUS = 273.15;

    private const KILOPASCALS = [30.0, 120.0];

    private const DEGREES = [-40.0, 60.0];

    /**
     * @param  float  $pascals absolute
     * @param  float  $speed sqrt(R T), m/s: what a flow of air is measured by
     */
    private function __construct(public float $pascals, public float $speed)
    {
    }

    /** @throws UnusableEngine If nobody mends engines in such air. */
    public static function of(AbsolutePressure $pressure, float $celsius): self
    {
        UnusableEngine::unlessWithin('pressure_kpa', $pressure->inKilopascals(), ...self::KILOPASCALS);
        UnusableEngine::unlessWithin('temperature_c', $celsius, ...self::DEGREES);

        return new self($pressure->inPascals(), sqrt(IsentropicFlow::GAS_CONSTANT * ($celsius + self::CELSIUS)));
    }

    /** 101.325 kPa and 20 degrees Celsius. */
    public static function standard(): self
    {
        return self::of(AbsolutePressure::standardAtmosphere(), 20.0);
    }

    /** kg/m3. */
    public function density(): float
    {
        return $this->pascals / $this->speed ** 2;
    }
}
