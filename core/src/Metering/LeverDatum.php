<?php

declare(strict_types=1);

namespace DustyJet\Metering;

/** Which way a card reads a lever: depth below its datum, or height above it. */
enum LeverDatum: string
{
    case Down = 'down';
    case Up = 'up';
}
