<?php

declare(strict_types=1);

namespace DustyJet\Fuel;

/** What a line delivers into a can, ml a minute, against what the engine drinks. */
final readonly class Delivery
{
    /** Less than this over the demand leaves nothing for a warm day or a tired pump. From memory. */
    private const ENOUGH = 1.5;

    private function __construct(public float $millilitresPerMinute)
    {
    }

    /** @throws UnusableFlow If a number cannot be. */
    public static function of(float $millilitres, float $seconds): self
    {
        ($millilitres >= 0.0 && $millilitres <= 20_000.0)
            || throw UnusableFlow::number('volume', $millilitres, 'from 0 to 20000 ml');
        ($seconds >= 1.0 && $seconds <= 3600.0) || throw UnusableFlow::number('time', $seconds, 'from 1 to 3600 s');

        return new self($millilitres * 60.0 / $seconds);
    }

    /** How many times over the engine is fed. */
    public function marginOver(FuelDemand $demand): float
    {
        return $this->millilitresPerMinute / $demand->millilitresPerMinute;
    }

    public function against(FuelDemand $demand): DeliveryVerdict
    {
        return match (true) {
            $this->marginOver($demand) < 1.0 => DeliveryVerdict::Starves,
            $this->marginOver($demand) < self::ENOUGH => DeliveryVerdict::Scant,
            default => DeliveryVerdict::Enough,
        };
    }
}
