<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** A proof before the hand-back. */
final readonly class ProofCheck
{
    /**
     * @param  bool  $takesRpm whether a speed is noted with it
     * @param  bool  $runs whether the engine runs for it
     * @param  string|null  $fails the finding that a failure says is there
     */
    public function __construct(
        public string $do,
        public bool $takesRpm,
        public Need $needs,
        public bool $runs,
        public ?string $fails,
    ) {
    }
}
