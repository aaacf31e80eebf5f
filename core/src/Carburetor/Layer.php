<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** One layer of a stack: body, gasket, diaphragm, spring, screen or cover. */
final readonly class Layer
{
    /**
     * @param  string  $as how it is drawn edge-on
     * @param  string|null  $part name on the tray; null for the body itself
     */
    public function __construct(public string $as, public string $name, public ?string $part)
    {
    }
}
