<?php

declare(strict_types=1);

namespace App\Http\Requests;

use DustyJet\HoldTest\TraceCsv;
use DustyJet\PopOff\PopSeries;
use DustyJet\PopOff\UnusablePopOff;
use DustyJet\Worksheet\Draft;
use DustyJet\Worksheet\EntryKind;
use Illuminate\Foundation\Http\FormRequest;

/** A CSV file of a gauge in which the needle popped becomes a trial of the ledger. */
final class StorePopOffRequest extends FormRequest
{
    use AppendsToLog;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            ...$this->letterRules(),
            'file' => ['required', 'file', 'max:8000'],
            'wetted' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => 'Choose the file of the gauge: a column t_s and one of psi or kpa.',
            'file.max' => 'The file is larger than 8 MB. Some pops are far smaller: is this the right file?',
        ];
    }

    /** @throws \DustyJet\Rejected If the file is no trace, or nothing pops in it. */
    public function draft(): Draft
    {
        $series = PopSeries::in(TraceCsv::parse((string) $this->file('file')?->getContent()));
        $series->pops === [] && throw UnusablePopOff::none();

        return new Draft(EntryKind::PopOffMeasured, [
            'pops' => $series->inPsi(),
            'unit' => 'psi',
            'wetted' => $this->boolean('wetted'),
        ]);
    }
}
