<?php

declare(strict_types=1);

namespace App\Models;

use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Rig;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\Volume;
use DustyJet\Worksheet\BenchTest\Arrangement;
use DustyJet\Worksheet\BenchTest\Attitude;

/** How a run was set up: what for, on which rig, against which limit, and whether the needle was wet. */
final readonly class RunSetup
{
    public function __construct(
        public Rig $rig,
        public Limits $limits,
        public Arrangement $arranged,
        public RunPurpose $purpose = RunPurpose::Hold,
        public ?PracticeState $practice = null,
    ) {
    }

    /** At Run: no rig, nothing that leaks. */
    public static function watching(RunPurpose $purpose, ?PracticeState $practice = null): self
    {
        return new self(
            new Rig(Volume::ofMillilitres(Rig::USUAL_MILLILITRES), 0.0),
            Limits::ofLeak(Flow::ofMillilitresPerMinute(Limits::DEFAULT_ML_PER_MIN)),
            self::arranged([]),
            $purpose,
            $practice,
        );
    }

    /** @param  array<string, mixed>  $kept */
    public static function of(array $kept): self
    {
        $number = static fn (string $name): float => is_numeric($kept[$name] ?? null) ? (float) $kept[$name] : 0.0;
        $purpose = is_string($kept['purpose'] ?? null) ? RunPurpose::tryFrom($kept['purpose']) : null;

        return new self(
            new Rig(Volume::ofMillilitres($number('volume_ml')), $number('volume_u_percent') / 100.0),
            Limits::ofLeak(Flow::ofMillilitresPerMinute($number('limit_ml_min'))),
            self::arranged($kept),
            $purpose ?? RunPurpose::Hold,
            is_array($kept['practice'] ?? null) ? PracticeState::of($kept['practice']) : null,
        );
    }

    /** @param  array<string, mixed>  $kept */
    private static function arranged(array $kept): Arrangement
    {
        $text = static fn (string $name): string => is_string($kept[$name] ?? null) ? $kept[$name] : '';

        return new Arrangement(
            ($kept['wetted'] ?? false) === true,
            Attitude::tryFrom($text('attitude')),
            $text('sealed') === '' ? [] : explode(' ', $text('sealed')),
            ($kept['anyway'] ?? false) === true,
        );
    }

    /** @return array<string, mixed> as it is kept */
    public function toArray(): array
    {
        return [
            'volume_ml' => $this->rig->volume->inMillilitres(),
            'volume_u_percent' => 100.0 * $this->rig->relativeUncertainty,
            'limit_ml_min' => $this->limits->leak->inMillilitresPerMinute(),
            ...$this->arranged->stored(),
            'purpose' => $this->purpose->value,
            ...$this->practice === null ? [] : ['practice' => $this->practice->toArray()],
        ];
    }
}
