<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** A test besides the hold test, looked at and logged. */
final readonly class BenchTest
{
    /** @param  string|null  $fails the finding that a failure says is there */
    public function __construct(
        public string $key,
        public string $name,
        public string $do,
        public string $good,
        public Need $needs,
        public ?string $fails,
    ) {
    }
}
