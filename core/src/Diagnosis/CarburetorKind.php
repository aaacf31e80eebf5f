<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** A carburetor family as a diagnosis sees it: by traits that faults, findings and checks refer to. */
final readonly class CarburetorKind
{
    /** @param  list<string>  $traits */
    public function __construct(public string $id, public string $name, public string $fits, public array $traits)
    {
    }

    /** @param  list<string>  $named families and traits, `all` for every family */
    public function isAmong(array $named): bool
    {
        return array_intersect($named, ['all', $this->id, ...$this->traits]) !== [];
    }
}
