<?php

declare(strict_types=1);

namespace DustyJet\Fuel;

enum DeliveryVerdict: string
{
    case Starves = 'starves';
    case Scant = 'scant';
    case Enough = 'enough';
}
