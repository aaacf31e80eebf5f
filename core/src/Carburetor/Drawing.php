<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** How a family is drawn. */
final readonly class Drawing
{
    /**
     * @param  string  $name of its cutaway
     * @param  array<string, Part>  $parts in the order of their numbers
     * @param  array<string, Circuit>  $circuits
     * @param  array<string, list<Layer>>  $stacks by side, from the body outward
     */
    public function __construct(
        public string $name,
        public array $parts,
        public array $circuits,
        public array $stacks,
    ) {
    }
}
