<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** A screw that, moved, makes others doubtful. */
final readonly class Coupling
{
    /**
     * @param  list<string>  $upsets items that go stale, as `mixture.<screw>` or `idle_speed`
     * @param  list<string>  $only variants it holds for; empty for all
     */
    public function __construct(public string $moving, public array $upsets, public array $only)
    {
    }
}
