<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\PracticeState;
use App\Models\RunSetup;
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

    private const MOST_SEED = 1_000_000_000;

    public function authorize(): bool
    {
        return Shop::isDemo() && $this->mayAppend();
    }

    /** @return array<string, list<string|Enum>> */
    public function rules(): array
    {
        return [
            'scenario' => ['required_unless:purpose,speed,columns', Rule::enum(GaugeScenario::class)],
            'seed' => ['nullable', 'integer', 'min:1', 'max:1000000000'],
            ...$this->rigRules(),
        ];
    }

    public function scenario(): GaugeScenario
    {
        return GaugeScenario::tryFrom($this->string('scenario')->toString()) ?? GaugeScenario::Tight;
    }

    /** At Run it stands on a virtual engine; which one may be said, so that it can be met again. */
    public function standing(): RunSetup
    {
        $seed = $this->filled('seed') ? $this->integer('seed') : random_int(1, self::MOST_SEED);

        return $this->purpose()->isAtRun()
            ? RunSetup::watching($this->purpose(), new PracticeState($seed))
            : $this->setup();
    }
}
