<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Flow;

use DateTimeImmutable;
use DustyJet\Fuel\Delivery;
use DustyJet\Fuel\FuelDemand;
use DustyJet\Fuel\SeatFlow;

/** What a line delivered, what the engine drinks and what its seat passes, where that was said. */
final readonly class DeliveryReading
{
    public function __construct(
        public Delivery $delivery,
        public ?FuelDemand $demand,
        public ?SeatFlow $seat,
        public DeliveryMeasured $typed,
        public DateTimeImmutable $at,
    ) {
    }
}
