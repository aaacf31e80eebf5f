<?php

declare(strict_types=1);

namespace DustyJet\Fuel;

/** What a seat passes under half a metre of petrol, ml a minute: Q = C_d A sqrt(2 g h), C_d 0.6 (sharp orifice). */
final readonly class SeatFlow
{
    private const DISCHARGE = 0.6;

    private const GRAVITY = 9.80665;

    private const HEAD_METRES = 0.5;

    private const WIDEST_MILLIMETRES = 20.0;

    private function __construct(public float $millilitresPerMinute)
    {
    }

    /** @throws UnusableFlow If no such seat can be. */
    public static function ofDiameter(float $millimetres): self
    {
        ($millimetres > 0.0 && $millimetres <= self::WIDEST_MILLIMETRES)
            || throw UnusableFlow::number('seat', $millimetres, 'above 0 and at most 20 mm');
        $area = M_PI / 4.0 * ($millimetres / 1000.0) ** 2;

        return new self(self::DISCHARGE * $area * sqrt(2.0 * self::GRAVITY * self::HEAD_METRES) * 6e7);
    }
}
