<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Instrument;
use DustyJet\Instrument\Measurand;
use DustyJet\Quantity\PressureUnit;
use Illuminate\Foundation\Http\FormRequest;

/** What an instrument's readings are corrected by, in the unit its face is in: psi, inHg or rpm. */
final class UpdateInstrumentRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'offset' => ['required', 'numeric', 'between:-500,500'],
            'span' => ['required', 'numeric', 'between:0.5,2'],
            'step' => ['nullable', 'numeric', 'between:0,100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'offset.*' => 'The offset is a number, 0 for none.',
            'span.*' => 'The span lies between 0.5 and 2; 1 for none.',
            'step.*' => 'The step is how finely it reads; 0 where that is not known.',
        ];
    }

    /** @return array{offset: float, span: float, step: float} kPa or rpm */
    public function calibrated(Instrument $instrument): array
    {
        $factor = match ($instrument->measurand) {
            Measurand::Pressure => PressureUnit::Psi->kilopascals(),
            Measurand::Vacuum => PressureUnit::InchOfMercury->kilopascals(),
            Measurand::Rpm => 1.0,
        };

        return [
            'offset' => $factor * $this->float('offset'),
            'span' => $this->float('span'),
            'step' => $factor * $this->float('step'),
        ];
    }
}
