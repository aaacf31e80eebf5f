<?php

declare(strict_types=1);

namespace DustyJet\Fuel;

/**
 * What an engine drinks at full load, ml of petrol a minute: power x specific consumption / density.
 *
 * Common engine texts put a small four-stroke near 0.40 kg/kWh and a two-stroke near 0.55; both figures are from memory.
 */
final readonly class FuelDemand
{
    /** Petrol, kg/m3. */
    private const PETROL = 745.0;

    private const MOST_KILOWATTS = 200.0;

    private const KILOGRAMS_A_KILOWATT_HOUR = [4 => 0.40, 2 => 0.55];

    private function __construct(public float $millilitresPerMinute)
    {
    }

    /**
     * @param  int  $strokes 4 or 2
     *
     * @throws UnusableFlow If no such engine is on a bench.
     */
    public static function of(float $kilowatts, int $strokes): self
    {
        ($kilowatts > 0.0 && $kilowatts <= self::MOST_KILOWATTS)
            || throw UnusableFlow::number('power', $kilowatts, 'above 0 and at most 200 kW');
        $specific = self::KILOGRAMS_A_KILOWATT_HOUR[$strokes]
            ?? throw UnusableFlow::number('number of strokes', (float) $strokes, '4 or 2');

        return new self($kilowatts * $specific / self::PETROL * 1e6 / 60.0);
    }
}
