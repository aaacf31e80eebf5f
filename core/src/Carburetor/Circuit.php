<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** A way fuel, air or pulse takes through the body, lit on the drawing. */
final readonly class Circuit
{
    /** @param  string  $swatch how it is filled: fuel, mix, air or pulse */
    public function __construct(public string $key, public string $name, public string $swatch, public string $works)
    {
    }
}
