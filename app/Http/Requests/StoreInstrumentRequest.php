<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Instrument;
use DustyJet\Instrument\Measurand;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

/** An instrument gets a name and a key. */
final class StoreInstrumentRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('create', Instrument::class) === true;
    }

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'measurand' => ['required', Rule::enum(Measurand::class)],
            'channels' => ['nullable', 'integer', 'min:1', 'max:8'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => 'Name it as you call it on the bench.', 'channels.*' => 'From 1 to 8 channels.'];
    }

    public function name(): string
    {
        return $this->string('name')->trim()->toString();
    }

    public function measurand(): Measurand
    {
        return Measurand::from($this->string('measurand')->toString());
    }

    public function channels(): int
    {
        return max(1, $this->integer('channels'));
    }
}
