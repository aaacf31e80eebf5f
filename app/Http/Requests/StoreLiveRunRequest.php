<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Instrument;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\ValidationException;

/** An instrument is put on a job, with the rig it is screwed to. */
final class StoreLiveRunRequest extends FormRequest
{
    use AppendsToLog;
    use DescribesRig;
    use ReadsDecimalCommas;

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return ['instrument' => ['required', 'uuid'], ...$this->rigRules()];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...$this->rigMessages(), 'instrument.*' => 'Choose the gauge that is on the rig.'];
    }

    /** @throws ValidationException If there is none. */
    public function instrument(): Instrument
    {
        return Instrument::gauges($this->purpose())->find($this->string('instrument')->toString())
            ?? throw ValidationException::withMessages(['instrument' => 'Choose the gauge that is on the rig.']);
    }
}
