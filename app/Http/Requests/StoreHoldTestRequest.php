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
            'held' => ['nullable', 'integer', 'min:10', 'max:3600', 'prohibited_if:method,vacuum'],
            'held_psi' => ['nullable', 'numeric', 'min:1', 'max:30', 'required_with:held'],
            'readings' => ['nullable', 'string', 'max:8000000', 'required_without_all:file,held'],
            'file' => ['nullable', 'file', 'max:8000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...$this->rigMessages(),
            'readings.required_without_all' => 'Type the readings, tap them in against the clock, or choose a file.',
            'held.prohibited_if' => 'Held is said of a pressure. Of a vacuum, type what the gauge showed and when.',
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
        $step = $this->step();
        if ($this->filled('held')) {
            return $this->held($this->integer('held'), $step);
        }
        $unit = PressureUnit::from($this->string('unit')->toString());
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

    /**
     * Watched by eye: it stood where it was pumped to, so long.
     *
     * @throws \DustyJet\Rejected If it is no pressure.
     */
    private function held(int $seconds, ?float $step): PressureTrace
    {
        $psi = $this->float('held_psi');

        return PressureTrace::of(
            [[0.0, $psi], [(float) $seconds, $psi]],
            PressureUnit::Psi,
            $this->string('method')->toString() === 'vacuum',
            $step ?? self::READ_TO_PSI,
        );
    }
}
