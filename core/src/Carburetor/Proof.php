<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** What a family is tested by on the bench and before it goes home. */
final readonly class Proof
{
    /**
     * @param  HoldAsked|null  $hold null where no hold test applies
     * @param  array<string, BenchTest>  $tests
     * @param  array<string, ProofCheck>  $checks before hand-back
     * @param  list<string>  $valve parts that close the fuel
     * @param  array<string, string>  $seals what may be closed off for a hold test, by the part of the drawing it is at
     * @param  LeakPaths|null  $leaks null where nothing is told apart
     */
    public function __construct(
        public ?HoldAsked $hold,
        public array $tests,
        public array $checks,
        public array $valve,
        public array $seals,
        public ?LeakPaths $leaks,
    ) {
    }
}
