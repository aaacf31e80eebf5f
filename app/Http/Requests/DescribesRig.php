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
use DustyJet\Worksheet\BenchTest\Arrangement;
use DustyJet\Worksheet\BenchTest\Attitude;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

/** The rig of a hold test, as its form has it: measured by a reference volume, or typed. */
trait DescribesRig
{
    /** What a workshop gauge is read to where its step is not given. From memory. */
    private const READ_TO_PSI = 0.1;

    /** @return array<string, list<string|Enum>> */
    private function rigRules(): array
    {
        return [
            'unit' => ['required_unless:purpose,speed,columns', 'in:psi,kpa,inhg'],
            'purpose' => ['nullable', Rule::enum(RunPurpose::class)],
            'volume_ml' => ['required_unless:purpose,pops,speed,columns', 'numeric', 'min:0.5', 'max:2000'],
            'volume_u_percent' => ['nullable', 'numeric', 'min:0', 'max:50'],
            'reference_ml' => ['nullable', 'numeric', 'min:0.5', 'max:2000', 'required_with:rig_before,rig_after'],
            'rig_before' => ['nullable', 'numeric', 'min:0', 'max:1000', 'required_with:reference_ml'],
            'rig_after' => ['nullable', 'numeric', 'min:0', 'max:1000', 'required_with:reference_ml'],
            'limit_ml_min' => ['required_unless:purpose,pops,speed,columns', 'numeric', 'min:0.01', 'max:1000'],
            'step' => ['nullable', 'numeric', 'min:0', 'max:10'],
            'drift_k' => ['nullable', 'numeric', 'min:0', 'max:30'],
            'attitude' => ['nullable', Rule::enum(Attitude::class)],
            'sealed' => ['nullable', 'array', 'max:12'],
            'sealed.*' => ['string', 'regex:/^[a-z]{1,20}$/'],
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
        // Pops are pressures: the volume plays no part.
        if ($this->purpose() === RunPurpose::Pops) {
            return new Rig(Volume::ofMillilitres(Rig::USUAL_MILLILITRES), 0.0);
        }
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
        $limit = $this->filled('limit_ml_min') ? $this->float('limit_ml_min') : Limits::DEFAULT_ML_PER_MIN;
        $typical = Limits::ofLeak(Flow::ofMillilitresPerMinute($limit));

        return new Limits($typical->leak, $typical->working, $this->float('drift_k'));
    }

    /** What an instrument is to be watched for, and on what. */
    public function setup(): RunSetup
    {
        return $this->purpose()->isAtRun()
            ? RunSetup::watching($this->purpose())
            : new RunSetup($this->rig(), $this->limits(), $this->arranged(), $this->purpose());
    }

    private function purpose(): RunPurpose
    {
        return RunPurpose::tryFrom($this->string('purpose')->toString()) ?? RunPurpose::Hold;
    }

    /** How the carburetor lies, wetted or dry, and what is closed off. */
    public function arranged(): Arrangement
    {
        return new Arrangement(
            $this->boolean('wetted'),
            Attitude::tryFrom($this->string('attitude')->toString()),
            array_values(array_filter($this->array('sealed'), is_string(...))),
            $this->boolean('anyway'),
            $this->filled('held'),
        );
    }
}
