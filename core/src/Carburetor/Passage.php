<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** How a passage is tried: how many jets must come out of it, and what must be off before. */
final readonly class Passage
{
    /** @param  list<string>  $out parts of the tray */
    public function __construct(public int $jets, public array $out)
    {
    }
}
