<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** What makes which readings doubtful: a screw that moves, a thing that is touched. */
final readonly class Upsets
{
    /**
     * @param  list<Coupling>  $couplings
     * @param  array<string, Disturbance>  $touched by thing
     */
    public function __construct(public array $couplings, public array $touched)
    {
    }
}
