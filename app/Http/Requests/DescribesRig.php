<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\RunPurpose;
use App\Models\RunSetup;
use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\Rig;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\PressureUnit;
use DustyJet\Quantity\Volume;

/** The rig of a hold test, as its form has it: measured by a reference volume, or typed. */
trait DescribesRig
{
    /** What a workshop gauge is read to where its step is not given. From memory. */
    private const READ_TO_PSI = 0.1;

    /** @return array<string, list<string>> */
    private function rigRules(): array
    {
        return [
            'unit' => ['required', 'in:psi,kpa,inhg'],
            'volume_ml' => ['required', 'numeric', 'min:0.5', 'max:2000'],
            'volume_u_percent' => ['nullable', 'numeric', 'min:0', 'max:50'],
            'reference_ml' => ['nullable', 'numeric', 'min:0.5', 'max:2000', 'required_with:rig_before,rig_after'],
            'rig_before' => ['nullable', 'numeric', 'min:0', 'max:1000', 'required_with:reference_ml'],
            'rig_after' => ['nullable', 'numeric', 'min:0', 'max:1000', 'required_with:reference_ml'],
            'limit_ml_min' => ['required', 'numeric', 'min:0.01', 'max:1000'],
            'step' => ['nullable', 'numeric', 'min:0', 'max:10'],
            'drift_k' => ['nullable', 'numeric', 'min:0', 'max:30'],
            'wetted' => ['nullable', 'boolean'],
            'anyway' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    private function rigMessages(): array
    {
        return [
            'reference_ml.required_with' => 'Measuring the rig needs the reference volume and both readings.',
            'rig_before.required_with' => 'Measuring the rig needs the gauge before the reference volume is opened.',
            'rig_after.required_with' => 'Measuring the rig needs the gauge after the reference volume is opened.',
        ];
    }

    /** How finely the gauge is read, in its own unit; null where that is not said. */
    private function step(): ?float
    {
        return $this->filled('step') && $this->float('step') > 0.0 ? $this->float('step') : null;
    }

    public function rig(): Rig
    {
        if (! $this->filled('reference_ml')) {
            return new Rig(Volume::ofMillilitres($this->float('volume_ml')), $this->float('volume_u_percent') / 100.0);
        }
        $unit = PressureUnit::from($this->string('unit')->toString());
        $gauge = static fn (float $v): GaugePressure => GaugePressure::ofKilopascals(($v * $unit->pascals()) / 1000.0);
        $step = $this->step();

        return Rig::measuredBy(
            Volume::ofMillilitres($this->float('reference_ml')),
            $gauge($this->float('rig_before')),
            $gauge($this->float('rig_after')),
            $step === null ? GaugePressure::ofPsi(self::READ_TO_PSI) : $gauge($step),
        );
    }

    public function limits(): Limits
    {
        $typical = Limits::ofLeak(Flow::ofMillilitresPerMinute($this->float('limit_ml_min')));

        return new Limits($typical->leak, $typical->working, $this->float('drift_k'));
    }

    /** What an instrument is to be watched for, and on what. */
    public function setup(): RunSetup
    {
        $purpose = RunPurpose::tryFrom($this->string('purpose')->toString()) ?? RunPurpose::Hold;

        return new RunSetup($this->rig(), $this->limits(), $this->wetted(), $this->anyway(), $purpose);
    }

    public function wetted(): bool
    {
        return $this->boolean('wetted');
    }

    /** Whether it is to be logged although parts lie on the tray. */
    public function anyway(): bool
    {
        return $this->boolean('anyway');
    }
}
