<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

final readonly class Suspect
{
    /**
     * @param  float  $probability that the fault is there, alone or with another
     * @param  list<Evidence>  $because strongest first: at most three for and three against
     */
    public function __construct(public Fault $fault, public float $probability, public array $because)
    {
    }
}
