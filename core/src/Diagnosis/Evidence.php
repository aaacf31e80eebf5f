<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** How much one answer speaks for a fault: ten times the decimal log of the change in its odds (Good 1950). */
final readonly class Evidence
{
    public function __construct(public string $finding, public Answer $answer, public float $decibans)
    {
    }
}
