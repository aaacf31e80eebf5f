<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** What can go wrong with a check. */
final readonly class Risk
{
    /**
     * @param  float  $minutes expected cost of doing it wrong
     * @param  string|null  $what then happens
     * @param  string|null  $caution by name
     */
    public function __construct(public float $minutes, public ?string $what, public ?string $caution)
    {
    }
}
