<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Rig;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\Volume;

/** How a run was set up: what for, on which rig, against which limit, and whether the needle was wet. */
final readonly class RunSetup
{
    /** @param  bool  $anyway whether it is watched although the machine lies apart */
    public function __construct(
        public Rig $rig,
        public Limits $limits,
        public bool $wetted,
        public bool $anyway,
        public RunPurpose $purpose = RunPurpose::Hold,
    ) {
    }

    /** @param  array<string, mixed>  $kept */
    public static function of(array $kept): self
    {
        $number = static fn (string $name): float => is_numeric($kept[$name] ?? null) ? (float) $kept[$name] : 0.0;
        $purpose = is_string($kept['purpose'] ?? null) ? RunPurpose::tryFrom($kept['purpose']) : null;

        return new self(
            new Rig(Volume::ofMillilitres($number('volume_ml')), $number('volume_u_percent') / 100.0),
            Limits::ofLeak(Flow::ofMillilitresPerMinute($number('limit_ml_min'))),
            ($kept['wetted'] ?? false) === true,
            ($kept['anyway'] ?? false) === true,
            $purpose ?? RunPurpose::Hold,
        );
    }

    /** @return array<string, mixed> as it is kept */
    public function toArray(): array
    {
        return [
            'volume_ml' => $this->rig->volume->inMillilitres(),
            'volume_u_percent' => 100.0 * $this->rig->relativeUncertainty,
            'limit_ml_min' => $this->limits->leak->inMillilitresPerMinute(),
            'wetted' => $this->wetted,
            'anyway' => $this->anyway,
            'purpose' => $this->purpose->value,
        ];
    }
}
