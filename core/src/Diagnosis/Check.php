<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** A way to find out: minutes of the check alone, what must be open for it and what it answers. */
final readonly class Check
{
    /**
     * @param  list<string>  $unsafeIf findings that forbid it
     * @param  non-empty-list<string>  $answers one or two findings
     * @param  string|null  $onlyAfter a finding that must be there before this means anything
     */
    public function __construct(
        public string $id,
        public string $do,
        public string $how,
        public float $minutes,
        public Needs $needs,
        public array $unsafeIf,
        public array $answers,
        public ?string $onlyAfter,
        public Risk $risk,
        public ?string $station,
        public string $provenance,
    ) {
    }
}
