<?php

declare(strict_types=1);

namespace App\Http\Requests;

use DustyJet\HoldTest\PressureTrace;
use DustyJet\HoldTest\TraceCsv;
use DustyJet\Quantity\PressureUnit;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rules\Enum;

/** Typed lines, tapped readings or a CSV file become a trace. */
final class StoreHoldTestRequest extends FormRequest
{
    use AppendsToLog;
    use DescribesRig;
    use ReadsDecimalCommas;

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            ...$this->letterRules(),
            'method' => ['required', 'in:pressure,vacuum'],
            ...$this->rigRules(),
            'readings' => ['nullable', 'string', 'max:8000000', 'required_without:file'],
            'file' => ['nullable', 'file', 'max:8000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->rigMessages(),
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
        $step = $this->step();
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
}
