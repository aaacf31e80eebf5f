<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shop;
use DustyJet\Instrument\GaugeScenario;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Enum;

/** A scripted gauge is started: in the demo only. */
final class StoreStandInRequest extends FormRequest
{
    use AppendsToLog {
        authorize as private mayAppend;
    }
    use DescribesRig;
    use ReadsDecimalCommas;

    public function authorize(): bool
    {
        return Shop::isDemo() && $this->mayAppend();
    }

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'scenario' => ['required', Rule::enum(GaugeScenario::class)],
            ...$this->rigRules(),
        ];
    }

    public function scenario(): GaugeScenario
    {
        return GaugeScenario::from($this->string('scenario')->toString());
    }
}
