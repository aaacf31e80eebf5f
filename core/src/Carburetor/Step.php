<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

final readonly class Step
{
    /**
     * @param  list<string>  $touches what the step disturbs
     * @param  list<string>  $cures faults of the diagnosis it removes
     */
    public function __construct(public string $key, public string $do, public string $part, public array $touches, public ?string $caution, public array $cures = [])
    {
    }
}
