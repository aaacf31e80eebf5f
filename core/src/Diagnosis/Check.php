<?php

declare(strict_types=1);

namespace DustyJet\Diagnosis;

/** A way to find out: minutes of the check alone, what must be open for it and what it answers. */
final readonly class Check
{
    /**
     * @param  list<string>  $tools
     * @param  list<string>  $access
     * @param  bool  $startsEngine whether the engine is started for it, or tried
     * @param  bool  $needsRunning whether it must run for it
     * @param  list<string>  $unsafeIf findings that forbid it
     * @param  non-empty-list<string>  $answers one or two findings
     * @param  string|null  $onlyAfter a finding that must be there before this means anything
     * @param  float  $riskMinutes expected cost of doing it wrong
     */
    public function __construct(
        public string $id,
        public string $do,
        public string $how,
        public float $minutes,
        public array $tools,
        public array $access,
        public bool $opensCarburetor,
        public bool $startsEngine,
        public bool $needsRunning,
        public array $unsafeIf,
        public array $answers,
        public ?string $onlyAfter,
        public float $riskMinutes,
        public ?string $risk,
        public ?string $caution,
        public ?string $station,
        public string $provenance,
    ) {
    }
}
