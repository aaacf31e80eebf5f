<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** Something touched, and what that makes doubtful. */
final readonly class Disturbance
{
    /** @param  list<string>  $doubts `needle_hold`, `mixture`, `mixture.<screw>` or `idle_speed` */
    public function __construct(public string $because, public array $doubts)
    {
    }
}
