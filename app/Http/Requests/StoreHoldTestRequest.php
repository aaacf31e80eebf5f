<?php

declare(strict_types=1);

namespace App\Http\Requests;

use DustyJet\HoldTest\Limits;
use DustyJet\HoldTest\PressureTrace;
use DustyJet\HoldTest\Rig;
use DustyJet\HoldTest\TraceCsv;
use DustyJet\Quantity\Flow;
use DustyJet\Quantity\GaugePressure;
use DustyJet\Quantity\PressureUnit;
use DustyJet\Quantity\Volume;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** Typed lines, tapped readings or a CSV file become a trace. */
final class StoreHoldTestRequest extends FormRequest
{
    use AppendsToLog;

    /** What a workshop gauge is read to where its step is not given. From memory. */
    private const READ_TO_PSI = 0.1;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'client_id' => ['required', 'uuid'],
            'seen' => ['required', 'integer', 'min:0'],
            'method' => ['required', 'in:pressure,vacuum'],
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
            'readings' => ['nullable', 'string', 'max:8000000', 'required_without:file'],
            'file' => ['nullable', 'file', 'max:8000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'reference_ml.required_with' => 'Measuring the rig needs the reference volume and both readings.',
            'rig_before.required_with' => 'Measuring the rig needs the gauge before the reference volume is opened.',
            'rig_after.required_with' => 'Measuring the rig needs the gauge after the reference volume is opened.',
            'readings.required_without' => 'Type the readings, tap them in against the clock, or choose a file.',
            'file.max' => 'The file is larger than 8 MB. A hold test is far smaller: is this the right file?',
        ];
    }

    /** The trace's id follows from the entry's, so a resent request names the same one. */
    public function traceId(): string
    {
        return $this->idOf('trace');
    }

    /** @throws \DustyJet\Rejected If the readings are no trace. */
    public function trace(): PressureTrace
    {
        $unit = PressureUnit::from($this->string('unit')->toString());
        $step = $this->filled('step') && $this->float('step') > 0.0 ? $this->float('step') : null;
        $file = $this->file('file');
        if ($file instanceof UploadedFile) {
            return TraceCsv::parse(
                $file->getContent(),
                $step === null ? null : ($step * $unit->pascals()) / PressureUnit::Psi->pascals(),
            );
        }

        return TraceCsv::typed(
            $this->string('readings')->toString(),
            $unit,
            $this->string('method')->toString() === 'vacuum',
            $step,
        );
    }

    /** The rig as measured by a reference volume, or as typed. */
    public function rig(): Rig
    {
        if ($this->filled('reference_ml')) {
            $unit = PressureUnit::from($this->string('unit')->toString());
            $gauge = static fn (float $v): GaugePressure => GaugePressure::ofKilopascals(
                ($v * $unit->pascals()) / 1000.0,
            );
            $step
                = $this->filled('step') && $this->float('step') > 0.0
                    ? $gauge($this->float('step'))
                    : GaugePressure::ofPsi(self::READ_TO_PSI);

            return Rig::measuredBy(
                Volume::ofMillilitres($this->float('reference_ml')),
                $gauge($this->float('rig_before')),
                $gauge($this->float('rig_after')),
                $step,
            );
        }

        return new Rig(Volume::ofMillilitres($this->float('volume_ml')), $this->float('volume_u_percent') / 100.0);
    }

    public function limits(): Limits
    {
        $typical = Limits::ofLeak(Flow::ofMillilitresPerMinute($this->float('limit_ml_min')));

        return new Limits($typical->leak, $typical->working, $this->float('drift_k'));
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
