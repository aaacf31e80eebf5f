<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** Where a carburetor under test may leak. */
final readonly class Joint
{
    /**
     * @param  float  $chance that it leaks, before anything is tested
     * @param  string  $on the part of the drawing it is at
     * @param  string|null  $shows the finding that a leak there is
     * @param  bool  $isBeyond whether it is under pressure only with the needle held open
     */
    public function __construct(
        public string $key,
        public string $name,
        public float $chance,
        public string $on,
        public ?string $shows,
        public bool $isBeyond,
    ) {
    }
}
