<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\LeakMap;

use DateTimeImmutable;
use DustyJet\LeakIsolation\Outcome;

/** What an isolating test came to. */
final readonly class IsolatingResult
{
    /**
     * @param  float|null  $flow ml/min, where it was measured
     * @param  list<string>  $bubbled joints
     */
    public function __construct(
        public string $test,
        public Outcome $outcome,
        public ?float $flow,
        public array $bubbled,
        public DateTimeImmutable $at,
    ) {
    }
}
